import { linesIn } from './scale'
import { describe, expect, it } from 'vitest'
import { fit, panBy, tapeMarks, toMm, zoomAbout } from './view'

const bounds = { minX: 0, minY: 0, maxX: 400, maxY: 1000 }

describe('view of the table', () => {
  it('shows the whole bounds within the borders', () => {
    const view = fit(bounds, { width: 800, height: 600 }, 50)
    expect(view.scale).toBeCloseTo(0.5)
    expect(toMm(view, 400, 300)).toEqual({ x: 200, y: 500 })
  })

  it('keeps the point under the pointer where it is when zooming', () => {
    const view = fit(bounds, { width: 800, height: 600 }, 50)
    const before = toMm(view, 123, 456)
    const after = toMm(zoomAbout(view, 2, 123, 456), 123, 456)
    expect(after.x).toBeCloseTo(before.x)
    expect(after.y).toBeCloseTo(before.y)
  })

  it('stops zooming at its limits', () => {
    const view = fit(bounds, { width: 800, height: 600 }, 50)
    expect(zoomAbout(view, 1e6, 0, 0).scale).toBe(8)
    expect(zoomAbout(view, 1e-6, 0, 0).scale).toBe(0.05)
  })

  it('moves with the hand', () => {
    const view = fit(bounds, { width: 800, height: 600 }, 50)
    expect(panBy(view, 10, -5).shiftX).toBe(view.shiftX + 10)
  })

  it('lays an inch tape in inches of 25.4 mm', () => {
    const marks = tapeMarks(0, 260, 2, true).filter((m) => m.text)
    expect(marks[1]).toEqual({ mm: 25.4, text: '1' })
  })

  it('numbers marks only where they can be read', () => {
    const marks = tapeMarks(0, 2000, 0.3, false).filter((m) => m.text)
    expect((marks[1]?.mm ?? 0) * 0.3).toBeGreaterThanOrEqual(46)
  })
})

describe('names on the table', () => {
  it('are broken where one line is too long, and left out where a word alone is', () => {
    // 14 px letters at 1 px a mm: about 7.3 mm each.
    expect(linesIn('left under sleeve', 80, 14, 1)).toEqual(['left under', 'sleeve'])
    expect(linesIn('left under sleeve', 200, 14, 1)).toEqual(['left under sleeve'])
    expect(linesIn('left under sleeve', 40, 14, 1)).toEqual([])
  })
})
