import { zoomIdentity, type ZoomTransform } from 'd3-zoom'
import type { Bounds } from './paths'

/** How the table is looked at: pixels = mm × scale + shift, y turned down. Immutable. */
export interface View {
  readonly scale: number
  readonly shiftX: number
  readonly shiftY: number
}

export interface Size {
  width: number
  height: number
}

/**
 * The whole of the bounds in the middle of the room, with a border in px on the sides where the tapes lie.
 *
 * @param below border at the foot, where buttons may lie
 */
export function fit(bounds: Bounds, size: Size, border: number, below = border): View {
  const wide = Math.max(1, bounds.maxX - bounds.minX)
  const high = Math.max(1, bounds.maxY - bounds.minY)
  const room = {
    width: Math.max(20, size.width - 2 * border),
    height: Math.max(20, size.height - border - below),
  }
  const scale = Math.min(room.width / wide, room.height / high)
  return {
    scale,
    shiftX: size.width / 2 - ((bounds.minX + bounds.maxX) / 2) * scale,
    shiftY: (size.height + border - below) / 2 + ((bounds.minY + bounds.maxY) / 2) * scale,
  }
}

/** Pixels for a millimetre, at the least and at the most. */
export const CLOSEST = { least: 0.05, most: 8 }

export const viewOf = (t: ZoomTransform): View => ({ scale: t.k, shiftX: t.x, shiftY: t.y })

export const transformOf = (view: View): ZoomTransform =>
  zoomIdentity.translate(view.shiftX, view.shiftY).scale(view.scale)

export function toMm(view: View, x: number, y: number): { x: number; y: number } {
  return { x: (x - view.shiftX) / view.scale, y: (view.shiftY - y) / view.scale }
}

const IN_MM = 25.4

/** Marks of a tape between two places in mm: numbered ones far enough apart to be read. */
export function tapeMarks(
  fromMm: number,
  toMm: number,
  scale: number,
  inches: boolean,
): { mm: number; text?: string }[] {
  const unit = inches ? IN_MM : 10
  const steps = [1, 2, 5, 10, 20, 50, 100]
  const step = steps.find((s) => s * unit * scale >= 46) ?? 200
  const fine = step / (step % 5 === 0 ? 5 : step === 2 ? 2 : 2)
  const marks: { mm: number; text?: string }[] = []
  for (let k = Math.ceil(fromMm / unit / fine); k * fine * unit <= toMm && marks.length < 800; k++) {
    const at = k * fine
    const numbered = Math.abs(at / step - Math.round(at / step)) < 1e-6
    marks.push({ mm: at * unit, text: numbered ? String(Math.round(at)) : undefined })
  }
  return marks
}
