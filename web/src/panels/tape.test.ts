import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { button, field, inApp, project, seat, settle } from '../testing/hand'
import TapeSheet from './TapeSheet.vue'
import { useTape } from './useTape'

const drawn = {
  outline: [
    [0, 0],
    [300, 0],
    [300, 400],
    [0, 400],
  ],
  area: '12.0 dm²',
  tolerance: '0.3 cm',
  findings: ['Only one diagonal: the other should be 50.0 cm.'],
  points: [],
  residuals: [],
  ellipses: [],
  pins: [],
  tapes: [],
  edges: [],
  usable: [{ what: 'largest rectangle on grain', value: '30.0 cm × 40.0 cm' }],
}
const taped = {
  way: 'BASELINE',
  points: [
    {
      along: '0 cm',
      right: '−10 cm',
      fromFirst: '',
      fromSecond: '',
      side: 'RIGHT',
      toNext: '',
      curve: false,
      edge: 'hem',
      finish: 'HEM',
      depth: '3 cm',
    },
    {
      along: '0 cm',
      right: '10 cm',
      fromFirst: '',
      fromSecond: '',
      side: 'RIGHT',
      toNext: '',
      curve: false,
      edge: '',
      finish: 'RAW',
      depth: '',
    },
    {
      along: '30 cm',
      right: '0 cm',
      fromFirst: '',
      fromSecond: '',
      side: 'RIGHT',
      toNext: '',
      curve: true,
      edge: '',
      finish: 'RAW',
      depth: '',
    },
  ],
  apart: '',
  checks: [],
  sides: {},
  tolerance: '0.4 cm',
  findings: [],
}
// What a sheet still has to ask ends with its test; the next one is asked nothing by it.
let scope = effectScope()
afterEach(() => {
  scope.stop()
  scope = effectScope()
})
function sheet(panel?: unknown) {
  const tape = scope.run(() =>
    inApp(() =>
      useTape(
        () => 'CM',
        () => 'p',
      ),
    ),
  )
  if (!tape) throw new Error('The scope of this test has ended.')
  return { tape, ...seat(TapeSheet, { project: project(), panel, tape }, undefined, drawn) }
}

describe('a panel by the tape', () => {
  it('asks nothing of the server before four sides and a diagonal are there', async () => {
    const { wrapper, asked } = sheet({ id: 'blanket', name: 'blanket' })
    for (const side of ['lower', 'right', 'upper', 'left']) await settle(wrapper, `${side} side`, '30 cm')
    await flushPromises()
    expect(asked).toHaveLength(0)
    await settle(wrapper, 'diagonal, lower left', '42 cm')
    await vi.waitUntil(() => asked.length > 0)
    expect(asked[0]).toMatchObject({ method: 'POST', path: '/api/tape/draw?unit=CM' })
    expect(asked[0]?.body).toMatchObject({
      way: 'SIDES',
      sides: { lower: '30 cm', rising: '42 cm', falling: '' },
    })
    await vi.waitUntil(() => wrapper.text().includes('12.0 dm²'))
    expect(wrapper.text()).toContain('Only one diagonal')
  })

  it('comes back as it was typed and is taken as a whole', async () => {
    const { wrapper, asked } = sheet({ id: 'rest', name: 'rest', taped })
    await vi.waitUntil(() => asked.length > 0)
    await vi.waitUntil(() => wrapper.text().includes('12.0 dm²'))
    expect(wrapper.findAll('fieldset')).toHaveLength(3)
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    const put = asked.find((a) => a.method === 'PUT')
    expect(put?.path).toBe('/api/projects/p/panels/rest/taped?version=3')
    expect((put?.body as typeof taped).points[0]).toMatchObject({
      right: '−10 cm',
      finish: 'HEM',
      depth: '3 cm',
    })
    expect(wrapper.emitted('stored')?.[0]).toEqual(['rest'])
  })

  it('makes a new point after the last figure and sends no empty one', async () => {
    const { wrapper, tape } = sheet({ id: 'rest', name: 'rest', taped })
    const last = wrapper.get('[aria-label="Point 3, to the right"]')
    await last.trigger('keydown', { key: 'Enter' })
    expect(wrapper.findAll('fieldset')).toHaveLength(4)
    expect(tape.body().points).toHaveLength(3)
    await button(wrapper, 'Take point 4 out').trigger('click')
    expect(wrapper.findAll('fieldset')).toHaveLength(3)
  })

  it('begins anew when it is measured another way, and a new panel needs a name', async () => {
    const { wrapper, tape } = sheet()
    expect(button(wrapper, 'Take this outline').attributes('disabled')).toBeDefined()
    await field(wrapper, 'Measured on the cloth by').setValue('PINS')
    expect(tape.form.points).toHaveLength(3)
    expect(tape.isEnough.value).toBe(false)
    await settle(wrapper, 'between the pins', '90 cm')
    expect(tape.form.apart).toBe('90 cm')
  })
})
