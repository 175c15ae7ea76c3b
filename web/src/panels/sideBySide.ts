import { boundsOf, type Xy } from '../drawing/paths'

/** Outlines in a row on one ground line, each shifted so that neighbours lie a gap (mm) apart. */
export function sideBySide<T extends { outline: readonly Xy[] }>(
  items: readonly T[],
  gap: number,
): { item: T; dx: number }[] {
  let x = 0
  return items.map((item) => {
    const b = boundsOf([item.outline])
    const dx = x - b.minX
    x += b.maxX - b.minX + gap
    return { item, dx }
  })
}

/**
 * The same in rows no wider than `width` mm, lower edges on a common line; later rows lie below.
 *
 * @param least mm kept for an item at least, for what is written under it
 */
export function inRows<T>(
  items: readonly T[],
  ring: (item: T) => readonly Xy[],
  width: number,
  gap: number,
  least: (item: T) => number = () => 0,
): { item: T; dx: number; dy: number }[] {
  let x = 0
  let y = 0
  let high = 0
  return items.map((item) => {
    const b = boundsOf([ring(item)])
    const bare = b.maxX - b.minX
    const wide = Math.max(bare, least(item) - gap)
    if (x > 0 && x + wide > width) {
      y -= high + gap
      x = 0
      high = 0
    }
    high = Math.max(high, b.maxY - b.minY)
    const placed = { item, dx: x - b.minX + (wide - bare) / 2, dy: y - b.maxY }
    x += wide + gap
    return placed
  })
}
