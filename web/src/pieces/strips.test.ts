import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { field, project, seat, settle } from '../testing/hand'
import StripsSheet from './StripsSheet.vue'
import ButtonRow from './ButtonRow.vue'

const square = [
  [0, 0],
  [100, 0],
  [100, 100],
  [0, 100],
]

describe('bias strips', () => {
  it('are drawn on the scrap they come from', async () => {
    const found = {
      width: '48 mm',
      sentences: ['1.2 m out of 2 scraps.'],
      scraps: [{ outline: square }, { outline: square }],
      strips: [
        { scrap: 0, outline: square },
        { scrap: 1, outline: square },
        { scrap: 1, outline: square },
      ],
    }
    const { wrapper, asked } = seat(
      StripsSheet,
      { project: project({ roles: [], cloths: [] } as never) },
      undefined,
      found,
    )
    await settle(wrapper, 'length wanted', '1.2 m')
    await field(wrapper, 'times folded').setValue('2')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0]).toMatchObject({
      path: '/api/projects/p/sums/strips',
      body: { wanted: '1.2 m', folds: 2, finished: '12 mm', way: 'BIAS', from: 'LEFT' },
    })
    expect(wrapper.text()).toContain('Cut 48 mm wide.')
    const groups = wrapper.findAll('svg g g')
    expect(groups.map((g) => g.findAll('path').length)).toEqual([2, 3])
  })
})

describe('buttons of a kept placket', () => {
  const keeper = { id: 'placket', name: 'button placket', count: 6 }
  const row = {
    oldLengthMm: 600,
    lengthMm: 400,
    fromMm: 100,
    from: '10 cm',
    oldMm: [20, 140, 260],
    marks: [
      { mm: 20, at: '2.0 cm', existing: true },
      { mm: 380, at: '38.0 cm', existing: false },
    ],
    sentences: ['One buttonhole serves.'],
  }

  it('are asked for once the length is known', async () => {
    const { wrapper, asked } = seat(ButtonRow, { project: project(), keeper }, undefined, row)
    await settle(wrapper, 'top to the first button, about', '3 cm')
    await flushPromises()
    expect(asked).toHaveLength(0)
    await settle(wrapper, 'length of the new closure', '40 cm')
    await flushPromises()
    expect(asked[0]?.body).toEqual({
      keeper: 'placket',
      length: '40 cm',
      top: '3 cm',
      end: '8 cm',
      fullest: '',
      set: 6,
    })
  })

  it('lie on the old placket to scale: where the new closure begins, old holes green', async () => {
    const { wrapper } = seat(ButtonRow, { project: project(), keeper }, undefined, row)
    await settle(wrapper, 'length of the new closure', '40 cm')
    await flushPromises()
    const filled = wrapper.findAll('svg g circle')
    expect(filled.map((c) => Number(c.attributes('cx')))).toEqual([120, 480])
    expect(filled.map((c) => c.classes('fill-good'))).toEqual([true, false])
    expect(wrapper.text()).toContain('begins 10 cm below the old top')
  })
})
