import type { Schemas } from '../api/client'
import type { Xy } from '../drawing/paths'

/** Where a copy may lie on a panel in its turn, as shifts in the panel's frame (mm): told once by the server, glided in by the hand. */
export type Allowed = Schemas['AllowedView']
export interface Shift {
  x: number
  y: number
}
/** A glided spot, how far it is from the hand, and why the hand's own spot is forbidden; empty where it is allowed. */
export interface Glide extends Shift {
  away: number
  why: string
}

const at = (p: Xy): Shift => ({ x: p[0] ?? 0, y: p[1] ?? 0 })
const apart = (a: Shift, b: Shift) => Math.hypot(a.x - b.x, a.y - b.y)

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

/** Why the spot under the hand is forbidden, in words; the first thing that forbids it. */
export function whyNot(allowed: Allowed, held: Shift): string {
  if (allowed.never.length) return allowed.never.join(' ')
  const ban = allowed.bans.find((b) => b.shifts.some((ring) => isInside(ring, held)))
  return ban ? `There it ${ban.what}.` : allowed.elsewhere
}

/** Snaps to the rim when it is nearer than this, mm, so that a piece comes to lie against its neighbour or the edge. */
export const SNAP_MM = 6

/**
 * Where the piece goes while the hand holds it at a spot: there, if it may lie there, drawn to the rim when it is very near it; else to
 * the nearest allowed spot, along the rim. Undefined where it may lie nowhere.
 */
export function glide(allowed: Allowed, held: Shift): Glide | undefined {
  const inside = allowed.areas.some((ring) => isInside(ring, held))
  const spots = [
    ...allowed.areas.map((ring) => nearestOn(ring, held, true)),
    ...allowed.lines.map((line) => nearestOn(line, held, false)),
    ...allowed.points.map(at),
  ]
  const nearest = spots.reduce<Shift | undefined>(
    (best, s) => (!best || apart(s, held) < apart(best, held) ? s : best),
    undefined,
  )
  if (!nearest) return undefined
  const away = apart(nearest, held)
  if (inside) return away < SNAP_MM ? { ...nearest, away, why: '' } : { ...held, away: 0, why: '' }
  return { ...nearest, away, why: away < 0.05 ? '' : whyNot(allowed, held) }
}
