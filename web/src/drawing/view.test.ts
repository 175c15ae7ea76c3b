import { linesIn } from './scale'
import { describe, expect, it } from 'vitest'
import { fit, tapeMarks, toMm, transformOf, viewOf } from './view'

const bounds = { minX: 0, minY: 0, maxX: 400, maxY: 1000 }

describe('view of the table', () => {
  it('shows the whole bounds within the borders', () => {
    const view = fit(bounds, { width: 800, height: 600 }, 50)
    expect(view.scale).toBeCloseTo(0.5)
    expect(toMm(view, 400, 300)).toEqual({ x: 200, y: 500 })
  })

  it('leaves room at the foot where buttons lie', () => {
    const view = fit(bounds, { width: 800, height: 600 }, 50, 150)
    const foot = view.shiftY - bounds.minY * view.scale
    const head = view.shiftY - bounds.maxY * view.scale
    expect(head).toBeCloseTo(50)
    expect(foot).toBeCloseTo(450)
  })

  it('is the same seen as what the hands move', () => {
    const view = fit(bounds, { width: 800, height: 600 }, 50)
    expect(viewOf(transformOf(view))).toEqual(view)
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
