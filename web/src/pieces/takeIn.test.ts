import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { button, field, project, seat, settle } from '../testing/hand'
import TakeInSheet from './TakeInSheet.vue'

const joins = [
  {
    id: 'side-left',
    name: 'left side seam',
    finishedEdge: false,
    turnsUp: false,
    ends: ['hem', 'armhole'],
    runs: [{}, {}],
  },
  { id: 'yoke', name: 'yoke', finishedEdge: false, turnsUp: false, ends: [], runs: [{}, {}, {}] },
  {
    id: 'sleeve-lining-left',
    name: 'left sleeve end to its lining',
    finishedEdge: false,
    turnsUp: true,
    ends: [],
    runs: [{}, {}],
  },
  { id: 'hem', name: 'hem', finishedEdge: true, turnsUp: true, ends: [], runs: [{}] },
]
const parts = [
  { id: 'sleeve-left', name: 'sleeve left', main: true },
  { id: 'neckband', name: 'neck rib', main: false },
]
const reading = {
  kind: 'TURN_UP',
  words: 'turned up at its end',
  where: 'hem',
  name: 'hem',
  partner: '',
  partnerToo: true,
  pinches: [{ at: '0 cm', depth: '5 cm' }],
  levels: [],
  shorter: '5 cm',
  sentence: '5 cm (2 in), a turn-up: it becomes 5 cm shorter.',
  notes: ['Cut only after the try-on.'],
}
const at = (readings: unknown[] = []) => ({
  project: project({
    aim: { garment: 'TAKE_IN', cutOut: false, measures: [] } as never,
    takeApart: { joins } as never,
    source: { parts } as never,
    takeIn: { readings, chalk: [] } as never,
  }),
})

describe('taking in', () => {
  it('offers seams for a pinch, hems and sleeve ends for a turn-up and panels for a tuck', async () => {
    const { wrapper } = seat(TakeInSheet, at())
    const names = () =>
      field(wrapper, 'Where')
        .findAll('option')
        .map((o) => o.text())
    expect(names()).toEqual(['left side seam'])
    await field(wrapper, 'It was').setValue('TURN_UP')
    expect(names()).toEqual(['left sleeve end to its lining', 'hem'])
    await field(wrapper, 'It was').setValue('TUCK')
    expect(names()).toEqual(['sleeve left'])
  })

  it('sends every station as it was typed', async () => {
    const { wrapper, asked } = seat(TakeInSheet, at())
    await settle(wrapper, 'along the seam', '10 cm')
    await settle(wrapper, 'folded depth', '1/2 in')
    await button(wrapper, 'Another station').trigger('click')
    expect(wrapper.findAll('fieldset')).toHaveLength(2)
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0]).toEqual({
      method: 'POST',
      path: '/api/projects/p/pieces/take-in?version=3',
      body: {
        kind: 'SEAM',
        where: 'side-left',
        partnerToo: true,
        pinches: [
          { at: '10 cm', depth: '1/2 in' },
          { at: '', depth: '' },
        ],
      },
    })
    expect(wrapper.findAll('fieldset')).toHaveLength(1)
  })

  it('keeps what was typed when it is refused, and shows why', async () => {
    const refusal = { status: 422, title: '', detail: 'only 30 mm would be left', field: 'takeIn.pinch' }
    const { wrapper } = seat(TakeInSheet, at(), refusal)
    await settle(wrapper, 'folded depth', '20 cm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect((field(wrapper, 'folded depth').element as HTMLInputElement).value).toBe('20 cm')
    expect(wrapper.text()).toContain('only 30 mm would be left')
  })

  it('shows what a reading means and opens only the hems that are turned up', async () => {
    const { wrapper, asked } = seat(TakeInSheet, at([reading]))
    expect(wrapper.text()).toContain('it becomes 5 cm shorter')
    expect(wrapper.text()).toContain('Cut only after the try-on.')
    await button(wrapper, 'Open these hems').trigger('click')
    await button(wrapper, 'Leave the hem as it was').trigger('click')
    await flushPromises()
    expect(asked.map((a) => `${a.method} ${a.path}`)).toEqual([
      'POST /api/projects/p/pieces/take-in/openings?version=3',
      'DELETE /api/projects/p/pieces/take-in/0?version=3',
    ])
  })
})
