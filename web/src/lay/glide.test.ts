import { describe, expect, it } from 'vitest'
import { glide, whyNot, type Allowed } from './glide'
import { isInside, nearestOn } from '../drawing/near'

/** A room of 200 × 100 mm of shifts with a neighbour in its right half. */
const room: Allowed = {
  areas: [
    [
      [0, 0],
      [100, 0],
      [100, 100],
      [0, 100],
    ],
  ],
  lines: [],
  points: [],
  bans: [
    {
      what: 'lies on bib 2',
      shifts: [
        [
          [100, -50],
          [260, -50],
          [260, 150],
          [100, 150],
        ],
      ],
    },
  ],
  never: [],
  elsewhere: 'There it reaches past the edge of the cloth.',
}

describe('gliding a piece in its allowed spots', () => {
  it('stays in the hand where it may lie', () => {
    expect(glide(room, { x: 40, y: 50 })).toEqual({ x: 40, y: 50, away: 0, why: '' })
  })

  it('is drawn to the rim when it is very near it', () => {
    expect(glide(room, { x: 97, y: 50 })).toMatchObject({ x: 100, y: 50, why: '' })
    expect(glide(room, { x: 40, y: 3 })).toMatchObject({ x: 40, y: 0, why: '' })
  })

  it('glides along the rim and says what forbids the spot in the hand', () => {
    expect(glide(room, { x: 150, y: 30 })).toEqual({
      x: 100,
      y: 30,
      away: 50,
      why: 'There it lies on bib 2.',
    })
    expect(glide(room, { x: -20, y: 30 })).toMatchObject({ x: 0, y: 30, why: room.elsewhere })
  })

  it('slides on a finished edge and from knot to knot of a check', () => {
    const hem: Allowed = {
      ...room,
      areas: [],
      lines: [
        [
          [0, 0],
          [100, 0],
          [140, 30],
        ],
      ],
    }
    expect(glide(hem, { x: 60, y: 12 })).toMatchObject({ x: 60, y: 0 })
    expect(glide(hem, { x: 500, y: 500 })).toMatchObject({ x: 140, y: 30 })
    const check: Allowed = {
      ...room,
      areas: [],
      points: [
        [0, 0],
        [24, 0],
        [24, 40],
      ],
    }
    expect(glide(check, { x: 20, y: 30 })).toMatchObject({ x: 24, y: 40 })
  })

  it('goes nowhere where its turn is forbidden', () => {
    const never: Allowed = { ...room, areas: [], never: ['The pile forbids it.'] }
    expect(glide(never, { x: 1, y: 1 })).toBeUndefined()
    expect(whyNot(never, { x: 1, y: 1 })).toBe('The pile forbids it.')
  })

  it('every glided spot lies in the room or on its rim', () => {
    for (let i = 0; i < 200; i++) {
      const held = { x: ((i * 37) % 400) - 100, y: ((i * 61) % 300) - 100 }
      const to = glide(room, held)
      expect(to).toBeDefined()
      const spot = to ?? held
      const on = nearestOn(room.areas[0] ?? [], spot, true)
      expect(isInside(room.areas[0] ?? [], spot) || Math.hypot(on.x - spot.x, on.y - spot.y) < 1e-9).toBe(
        true,
      )
    }
  })
})
