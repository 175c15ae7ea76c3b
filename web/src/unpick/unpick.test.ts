import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { seat, settle } from '../testing/hand'
import JoinSheet from './JoinSheet.vue'
import { area, minutes } from './decisions'

const join = {
  id: 'side-left',
  name: 'left side seam',
  stitch: 'overlock',
  number: '504',
  rows: 1,
  length: '90 cm',
  lengthMm: 900,
  allowance: '1.2 cm',
  finishedEdge: false,
  turnsUp: false,
  ends: ['hem', 'waist'],
  decision: 'UNPICK',
  stretches: [] as { from: string; to: string }[],
  minutes: 4.5,
  wonCm2: 216,
  lostCm2: 0,
  won: '1.2 cm',
  formula: '1 row × 90 cm × 5.0 min/m',
  effects: ['Frees the front.'],
  traits: ['taped'],
  how: ['Run the unpicker under the loops.'],
  cautions: ['Loops run.'],
  risk: 'SOME',
  idle: false,
  runs: [],
}
const sheet = (over: Partial<typeof join>) => seat(JoinSheet, { join: { ...join, ...over }, busy: false })

describe('a join', () => {
  it('tells minutes, cloth won and the sum behind them', () => {
    const text = sheet({}).wrapper.text()
    expect(text).toContain('1.2 cm more along each side')
    expect(text).toContain('216 cm²')
    expect(text).toContain('1 row × 90 cm × 5.0 min/m')
    expect(text).toContain('Frees the front.')
    expect(text).toContain('Loops run.')
  })

  it('tells what is given up and what is kept', () => {
    expect(sheet({ decision: 'CUT_AWAY', lostCm2: 216 }).wrapper.text()).toContain(
      '216 cm² of allowance are given up',
    )
    expect(sheet({ decision: 'LEAVE' }).wrapper.text()).toContain('Nothing is won, nothing is lost')
    expect(sheet({ decision: 'LEAVE', finishedEdge: true }).wrapper.text()).toContain('of finished hem')
  })

  it('is opened in part by its two figures', async () => {
    const { wrapper } = sheet({})
    await settle(wrapper, 'from', '5 cm')
    await settle(wrapper, 'to', '9 cm')
    await flushPromises()
    expect(wrapper.emitted('decide')?.at(-1)).toEqual(['side-left', 'UNPICK', '5 cm', '9 cm'])
  })

  it('names each of several stretches and asks for no single one', () => {
    const two = [
      { from: '5 cm', to: '9 cm' },
      { from: '20 cm', to: '24 cm' },
    ]
    const { wrapper } = sheet({ stretches: two })
    expect(wrapper.text()).toContain('Only 5 cm to 9 cm and 20 cm to 24 cm')
    expect(wrapper.text()).not.toContain('Only a stretch of it')
  })
})

describe('figures in words', () => {
  it('never calls half a minute none', () => {
    expect(minutes(0)).toBe('none')
    expect(minutes(0.4)).toBe('< 1 min')
    expect(minutes(33.4)).toBe('33 min')
  })

  it('changes from square centimetres to square decimetres', () => {
    expect(area(216.4)).toBe('216 cm²')
    expect(area(1234)).toBe('12.3 dm²')
  })
})
