import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import AimStation from '../aim/AimStation.vue'
import SourceStation from '../source/SourceStation.vue'
import { field, project, seat } from '../testing/hand'

const kinds = ['TROUSERS', 'T_SHIRT'].map((kind) => ({ kind, words: kind.toLowerCase(), measures: [] }))

/** An answer to something else, still on its way when the station opened, comes in while somebody writes. */
describe('what is being written and not settled yet', () => {
  beforeEach(() => {
    const Nobody = class {
      observe() {}
      disconnect() {}
    }
    vi.stubGlobal('ResizeObserver', Nobody)
  })
  afterEach(() => vi.unstubAllGlobals())

  it('stays at Source, its kind too', async () => {
    const { wrapper } = seat(SourceStation, { project: project() }, undefined, kinds)
    await flushPromises()
    const kind = field(wrapper, 'It was')
    await kind.setValue('T_SHIRT')
    await field(wrapper, 'Call it').setValue('the blue one')
    await wrapper.setProps({ project: project({ version: 4 }) })
    expect((kind.element as HTMLSelectElement).value).toBe('T_SHIRT')
    expect((field(wrapper, 'Call it').element as HTMLInputElement).value).toBe('the blue one')
  })

  it('stays at Aim', async () => {
    const unsettled = (version: number) =>
      project({ version, aim: { garment: 'CUT_OUT', draft: '', measures: [], settled: false } as never })
    const { wrapper } = seat(AimStation, { project: unsettled(3) }, undefined, [])
    await field(wrapper, 'Who will wear it').setValue('Runa')
    await wrapper.setProps({ project: unsettled(4) })
    expect((field(wrapper, 'Who will wear it').element as HTMLInputElement).value).toBe('Runa')
  })
})
