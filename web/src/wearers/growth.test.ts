import { describe, expect, it } from 'vitest'
import { spots, told } from './growth'
import type { Reading } from './useWearers'

const read = (on: string, mm: number): Reading => ({
  id: on,
  on,
  mm,
  text: `${mm} mm`,
  again: '',
  origin: 'TAPE',
  by: '',
  project: '',
})

describe('a growth line', () => {
  it('goes by the days, upwards with the length', () => {
    const line = spots(
      [read('2026-01-01', 1000), read('2026-01-11', 1010), read('2026-01-31', 1030)],
      300,
      60,
    )
    expect(line.map((s) => s.x)).toEqual([0, 100, 300])
    expect(line.map((s) => s.y)).toEqual([60, 40, 0])
  })
  it('puts what was read once, or never changed, in the middle', () => {
    expect(spots([read('2026-01-01', 1000)], 300, 60)).toMatchObject([{ x: 150, y: 30 }])
    expect(
      spots([read('2026-01-01', 1000), read('2026-02-01', 1000)], 300, 60).map((s) => [s.x, s.y]),
    ).toEqual([
      [0, 30],
      [300, 30],
    ])
  })
  it('writes the newest and as many of the others as have room', () => {
    const line = spots([read('2026-01-01', 1), read('2026-01-28', 2), read('2026-01-31', 3)], 300, 60)
    expect(told(line, 100).map((s) => s.reading.on)).toEqual(['2026-01-01', '2026-01-31'])
    expect(told([], 100)).toEqual([])
  })
})
