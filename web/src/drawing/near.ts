import type { Xy } from './paths'

/** A place, or a way from one to another, in mm. */
export interface Shift {
  x: number
  y: number
}

export const at = (p: Xy): Shift => ({ x: p[0] ?? 0, y: p[1] ?? 0 })
export const apart = (a: Shift, b: Shift) => Math.hypot(a.x - b.x, a.y - b.y)

/** Even-odd: is a point inside a ring? */
export function isInside(ring: readonly Xy[], p: Shift): boolean {
  let inside = false
  ring.forEach((corner, i) => {
    const a = at(corner)
    const b = at(ring[(i + 1) % ring.length] as Xy)
    if (a.y > p.y !== b.y > p.y && p.x < a.x + ((p.y - a.y) / (b.y - a.y)) * (b.x - a.x)) inside = !inside
  })
  return inside
}

/** The point of a line of points that is nearest to p; closed: the last point joins the first. */
export function nearestOn(line: readonly Xy[], p: Shift, closed: boolean): Shift {
  let best = at(line[0] as Xy)
  const last = closed ? line.length : line.length - 1
  for (let i = 0; i < last; i++) {
    const a = at(line[i] as Xy)
    const b = at(line[(i + 1) % line.length] as Xy)
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    const square = dx * dx + dy * dy
    const share = square === 0 ? 0 : Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / square))
    const on = { x: a.x + share * dx, y: a.y + share * dy }
    if (apart(on, p) < apart(best, p)) best = on
  }
  return best
}
