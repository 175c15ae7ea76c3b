import type { InjectionKey, Ref } from 'vue'

/** Pixels a millimetre of the table around; for labels and marks that keep their size. */
export const scaleKey: InjectionKey<Readonly<Ref<number>>> = Symbol('scale')

/** About how wide a text of this size in pixels is on the table, mm. */
export const wideMm = (text: string, size: number, pxPerMm: number): number =>
  (text.length * size * 0.52) / pxPerMm
