import { boundsOf, type Xy } from './paths'

/** What lies on the table, moved from its own frame. */
export interface Lying<T> {
  item: T
  dx: number
  dy: number
}

/** More rows are taken only where they show everything so much larger: one row on one ground line reads best. */
const WORTH_A_ROW = 1.3
const MOST_ROWS = 4
/** Names stand between rows. */
const ROW_GAPS = 1.5

/**
 * Outlines on one ground line, neighbours a gap (mm) apart; where that would be a long thin strip, in rows. Each row keeps its ground
 * line, so that heights in it compare.
 */
export function sideBySide<T extends { outline: readonly Xy[] }>(
  items: readonly T[],
  gap: number,
): Lying<T>[] {
  const wide = items.reduce((sum, item) => sum + widthOf(item) + gap, 0)
  let best = rows(items, gap, Infinity)
  for (let n = 2; n <= Math.min(MOST_ROWS, items.length); n++) {
    const tried = rows(items, gap, (wide / n) * 1.1)
    if (side(tried) * WORTH_A_ROW < side(best)) best = tried
  }
  return best
}

const widthOf = (item: { outline: readonly Xy[] }) => {
  const b = boundsOf([item.outline])
  return b.maxX - b.minX
}

/** Longer side of all that lies there. */
function side(lying: Lying<{ outline: readonly Xy[] }>[]) {
  const b = boundsOfLying(lying)
  return Math.max(b.maxX - b.minX, b.maxY - b.minY)
}

export const boundsOfLying = (lying: readonly Lying<{ outline: readonly Xy[] }>[]) =>
  boundsOf(lying.map((l) => l.item.outline.map((p) => [(p[0] ?? 0) + l.dx, (p[1] ?? 0) + l.dy])))

function rows<T extends { outline: readonly Xy[] }>(
  items: readonly T[],
  gap: number,
  width: number,
): Lying<T>[] {
  let x = 0
  let row: Lying<T>[] = []
  const all: Lying<T>[] = []
  const finish = () => {
    const above = all.length ? boundsOfLying(all).minY - ROW_GAPS * gap : undefined
    const dy = above === undefined ? 0 : above - boundsOfLying(row).maxY
    all.push(...row.map((l) => ({ ...l, dy })))
    row = []
    x = 0
  }
  for (const item of items) {
    const b = boundsOf([item.outline])
    if (row.length && x + b.maxX - b.minX > width) finish()
    row.push({ item, dx: x - b.minX, dy: 0 })
    x += b.maxX - b.minX + gap
  }
  if (row.length) finish()
  return all
}

/**
 * In rows no wider than `width` mm, lower edges on a common line; later rows lie below.
 *
 * @param least mm kept for an item at least, for what is written under it
 */
export function inRows<T>(
  items: readonly T[],
  ring: (item: T) => readonly Xy[],
  width: number,
  gap: number,
  least: (item: T) => number = () => 0,
): Lying<T>[] {
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

/** A table is about as wide as it is high. */
const TABLE_SHAPE = 0.9
const MOST_WIDTHS = 8

/** In as many rows as show everything largest on a table. */
export function inBestRows<T>(
  items: readonly T[],
  ring: (item: T) => readonly Xy[],
  gap: number,
  least: (item: T) => number = () => 0,
): Lying<T>[] {
  const wides = items.map((i) => Math.max(widthOf({ outline: ring(i) }), least(i) - gap) + gap)
  const all = wides.reduce((sum, w) => sum + w, 0)
  let best = inRows(items, ring, Infinity, gap, least)
  for (let n = 2; n <= Math.min(MOST_WIDTHS, items.length); n++) {
    // Even shares, or a little more, so that the last row is not one item alone.
    for (const share of [1.01, 1.15]) {
      const tried = inRows(items, ring, Math.max(...wides, (all / n) * share), gap, least)
      if (shown(tried, ring) < shown(best, ring)) best = tried
    }
  }
  return best
}

/** How far off a table everything must be seen from: the smaller, the larger it is drawn. */
function shown<T>(lying: Lying<T>[], ring: (item: T) => readonly Xy[]) {
  const b = boundsOf(lying.map((l) => ring(l.item).map((p): Xy => [(p[0] ?? 0) + l.dx, (p[1] ?? 0) + l.dy])))
  return Math.max(b.maxX - b.minX, (b.maxY - b.minY) * TABLE_SHAPE)
}
