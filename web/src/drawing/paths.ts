/** A point in mm as the server sends it, y up. */
export type Xy = readonly number[]

export interface Bounds {
  minX: number
  minY: number
  maxX: number
  maxY: number
}

/** SVG path text of a run of points; closed where it is a ring. */
export function pathOf(points: readonly Xy[], closed = true): string {
  if (points.length === 0) return ''
  return 'M' + points.map((p) => `${p[0]} ${p[1]}`).join('L') + (closed ? 'Z' : '')
}

export function boundsOf(rings: readonly (readonly Xy[])[]): Bounds {
  const all = rings.flat()
  const xs = all.map((p) => p[0] ?? 0)
  const ys = all.map((p) => p[1] ?? 0)
  if (all.length === 0) return { minX: 0, minY: 0, maxX: 100, maxY: 100 }
  return { minX: Math.min(...xs), minY: Math.min(...ys), maxX: Math.max(...xs), maxY: Math.max(...ys) }
}

/** A point well inside most garment pieces: the middle of the widest level run through the middle height. */
export function labelPoint(ring: readonly Xy[], share = 0.5): [number, number] {
  const b = boundsOf([ring])
  const y = b.minY + (b.maxY - b.minY) * share + 0.013
  const xs: number[] = []
  ring.forEach((p, i) => {
    const q = ring[(i + 1) % ring.length] as Xy
    const [x0, y0, x1, y1] = [p[0] ?? 0, p[1] ?? 0, q[0] ?? 0, q[1] ?? 0]
    if (y0 < y !== y1 < y) xs.push(x0 + ((y - y0) / (y1 - y0)) * (x1 - x0))
  })
  xs.sort((a, b) => a - b)
  let best: [number, number] = [(b.minX + b.maxX) / 2, (b.minX + b.maxX) / 2]
  let widest = 0
  for (let i = 0; i + 1 < xs.length; i += 2) {
    const [from, to] = [xs[i] as number, xs[i + 1] as number]
    if (to - from > widest) {
      widest = to - from
      best = [from, to]
    }
  }
  return [(best[0] + best[1]) / 2, y]
}
