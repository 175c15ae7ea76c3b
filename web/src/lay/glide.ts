import type { Schemas } from '../api/client'
import { apart, at, isInside, nearestOn, type Shift } from '../drawing/near'

/** Where a copy may lie on a panel in its turn, as shifts in the panel's frame (mm): told once by the server, glided in by the hand. */
export type Allowed = Schemas['AllowedView']
/** A glided spot, how far it is from the hand, and why the hand's own spot is forbidden; empty where it is allowed. */
export interface Glide extends Shift {
  away: number
  why: string
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
