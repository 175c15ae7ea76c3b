/** Where a copy lies on a panel (docs/formats/fit-format.md): p ↦ R(rotation)·M(p) + (x, y), mm and degrees. */
export interface Placement {
  x: number
  y: number
  rotation: number
  mirrored: boolean
}

const normal = (deg: number) => ((deg % 360) + 360) % 360

/** Turned about a point of the panel, which stays where it is. */
export function turned(at: Placement, deg: number, cx: number, cy: number): Placement {
  const rad = (deg * Math.PI) / 180
  const [dx, dy] = [at.x - cx, at.y - cy]
  const tidy = (v: number) => Math.round(v * 1e6) / 1e6
  return {
    ...at,
    x: tidy(cx + dx * Math.cos(rad) - dy * Math.sin(rad)),
    y: tidy(cy + dx * Math.sin(rad) + dy * Math.cos(rad)),
    rotation: normal(at.rotation + deg),
  }
}

/** Turned over left to right about an upright line of the panel. */
export function turnedOver(at: Placement, cx: number): Placement {
  return { x: 2 * cx - at.x, y: at.y, rotation: normal(-at.rotation), mirrored: !at.mirrored }
}

/** A copy this near, in mm, and this little turned lies where it did. */
const SAME_MM = 0.5
const SAME_DEG = 0.05

interface Lying {
  piece: string
  copy: number
  panel: string
  x: number
  y: number
  rotation: number
  mirrored: boolean
}

/**
 * Copies that no copy of the same piece lies like in the other lay, as “piece copy”. Copies of one piece are alike: which of them lies
 * where does not matter.
 */
export function differing(placed: readonly Lying[], others: readonly Lying[]): Set<string> {
  const lieAlike = (a: Lying, b: Lying) =>
    a.piece === b.piece &&
    a.panel === b.panel &&
    a.mirrored === b.mirrored &&
    Math.hypot(a.x - b.x, a.y - b.y) <= SAME_MM &&
    Math.abs(((a.rotation - b.rotation + 540) % 360) - 180) <= SAME_DEG
  return new Set(placed.filter((p) => !others.some((o) => lieAlike(p, o))).map((p) => `${p.piece} ${p.copy}`))
}
