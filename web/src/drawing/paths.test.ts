import { describe, expect, it } from 'vitest'
import { boundsOf, labelPoint, pathOf, type Xy } from './paths'
import { inBestRows, inRows, sideBySide } from './sideBySide'

const square = [
  [0, 0],
  [10, 0],
  [10, 20],
  [0, 20],
]

describe('drawing outlines', () => {
  it('writes a closed path for a ring and an open one for a run', () => {
    expect(pathOf(square)).toBe('M0 0L10 0L10 20L0 20Z')
    expect(pathOf(square.slice(0, 2), false)).toBe('M0 0L10 0')
    expect(pathOf([])).toBe('')
  })

  it('finds the bounds of several rings', () => {
    expect(boundsOf([square, [[-5, 3]]])).toEqual({ minX: -5, minY: 0, maxX: 10, maxY: 20 })
  })

  it('puts a label inside a shape whose middle is hollow', () => {
    const hook = [
      [0, 0],
      [30, 0],
      [30, 5],
      [8, 5],
      [8, 40],
      [0, 40],
    ]
    const [x] = labelPoint(hook, 0.5)
    expect(x).toBeGreaterThan(0)
    expect(x).toBeLessThan(8)
  })

  it('lays outlines side by side with the gap between them', () => {
    const row = sideBySide([{ outline: square }, { outline: square }], 7)
    expect(row.map((r) => r.dx)).toEqual([0, 17])
    expect(row.map((r) => r.dy)).toEqual([0, 0])
  })

  it('lays many outlines in rows, each on its own ground line, none over another', () => {
    const many = Array.from({ length: 14 }, (_, i) => ({
      outline: square.map((p) => [p[0] ?? 0, (p[1] ?? 0) - i]),
    }))
    const lying = sideBySide(many, 7)
    const rows = [...new Set(lying.map((l) => l.dy))]
    expect(rows.length).toBeGreaterThan(2)
    expect(rows.length).toBeLessThan(5)
    const boxes = lying.map((l) =>
      boundsOf([l.item.outline.map((p) => [(p[0] ?? 0) + l.dx, (p[1] ?? 0) + l.dy])]),
    )
    boxes.forEach((a, i) =>
      boxes.slice(i + 1).forEach((b) => {
        expect(a.maxX <= b.minX || b.maxX <= a.minX || a.minY >= b.maxY || b.minY >= a.maxY).toBe(true)
      }),
    )
  })

  it('takes as many rows as show everything largest', () => {
    const tall: Xy[] = [
      [0, 0],
      [10, 0],
      [10, 40],
      [0, 40],
    ]
    const widest = (n: number) =>
      Math.max(...inBestRows(Array(n).fill(tall), (s: Xy[]) => s, 2).map((l) => l.dx)) + 10
    expect(widest(3)).toBe(34)
    // Twelve in one row would be 142 wide and 40 high: two rows of six are seen nearly twice as large.
    expect(widest(12)).toBe(70)
  })
  it('starts a new row below when the width is used up', () => {
    const rows = inRows([square, square, square], (s) => s, 25, 5)
    expect(rows.map((r) => r.dy)).toEqual([-20, -20, -45])
    expect(rows[2]?.dx).toBe(0)
  })
})
