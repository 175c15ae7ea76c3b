import { describe, expect, it } from 'vitest'
import { turned, turnedOver, type Placement } from './placement'

/** The fit format's own formula, written out here as the reference: R(rotation) · M(p) + (x, y). */
function onPanel(at: Placement, p: [number, number]): [number, number] {
  const px = at.mirrored ? -p[0] : p[0]
  const a = (at.rotation * Math.PI) / 180
  return [px * Math.cos(a) - p[1] * Math.sin(a) + at.x, px * Math.sin(a) + p[1] * Math.cos(a) + at.y]
}

const at: Placement = { x: 40, y: -7, rotation: 30, mirrored: false }

describe('turning a piece by hand', () => {
  it('turned round, every point comes out opposite the middle', () => {
    const before = onPanel(at, [12, 5])
    const after = onPanel(turned(at, 180, 100, 50), [12, 5])
    expect(after[0]).toBeCloseTo(200 - before[0], 5)
    expect(after[1]).toBeCloseTo(100 - before[1], 5)
  })

  it('four quarter turns bring it back', () => {
    let now = at
    for (let i = 0; i < 4; i++) now = turned(now, 90, 3, 4)
    expect(now.x).toBeCloseTo(at.x, 4)
    expect(now.rotation).toBe(at.rotation)
  })

  it('turned over, every point lies mirrored about the upright line', () => {
    const before = onPanel(at, [12, 5])
    const over = turnedOver(at, 100)
    const after = onPanel(over, [12, 5])
    expect(over.mirrored).toBe(true)
    expect(after[0]).toBeCloseTo(200 - before[0], 9)
    expect(after[1]).toBeCloseTo(before[1], 9)
  })
})
