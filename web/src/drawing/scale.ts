import type { InjectionKey, Ref } from 'vue'

/** Pixels a millimetre of the table around; for labels and marks that keep their size. */
export const scaleKey: InjectionKey<Readonly<Ref<number>>> = Symbol('scale')

/** Words in as few lines as fit in the room (mm); none where one word alone is wider. */
export function linesIn(text: string, room: number, size: number, pxPerMm: number): string[] {
  const lines: string[] = []
  for (const word of text.split(' ')) {
    const longer = lines.length ? `${lines[lines.length - 1]} ${word}` : word
    if (lines.length && wideMm(longer, size, pxPerMm) <= room) lines[lines.length - 1] = longer
    else lines.push(word)
  }
  return lines.every((l) => wideMm(l, size, pxPerMm) <= room) ? lines : []
}

/** About how wide a text of this size in pixels is on the table, mm. */
export const wideMm = (text: string, size: number, pxPerMm: number): number =>
  (text.length * size * 0.52) / pxPerMm
