import type { Reading } from './useWearers'

/** A reading on the sheet of paper that a growth line is drawn on. */
export interface Spot {
  x: number
  y: number
  reading: Reading
}

const DAY = 86_400_000
const day = (on: string) => Date.parse(on) / DAY

/**
 * Where the readings stand on a sheet of the given size, time to the right and length upwards; what was read once stands in the middle. The
 * lengths go from below the least to above the most, so that a line never lies on the rim.
 */
export function spots(readings: Reading[], width: number, height: number): Spot[] {
  const first = day(readings[0]?.on ?? '')
  const days = day(readings[readings.length - 1]?.on ?? '') - first
  const lengths = readings.map((r) => r.mm)
  const least = Math.min(...lengths)
  const span = Math.max(...lengths) - least
  return readings.map((reading) => ({
    x: days > 0 ? ((day(reading.on) - first) / days) * width : width / 2,
    y: span > 0 ? height - ((reading.mm - least) / span) * height : height / 2,
    reading,
  }))
}

/** Lines of writing that do not stand in each other's way: the last stays, and of the others those with room. */
export function told(all: Spot[], room: number): Spot[] {
  const kept: Spot[] = []
  for (const spot of [...all].reverse()) {
    const before = kept[0]
    if (!before || before.x - spot.x >= room) kept.unshift(spot)
  }
  return kept
}
