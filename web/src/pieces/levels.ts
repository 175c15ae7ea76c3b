import type { Schemas } from '../api/client'

export interface Bar {
  what: string
  /** what it is there for, said after a comma; may be empty */
  purpose: string
  y: number
  /** half the ring's width, body and garment, mm: a girth drawn as a ring seen from the front */
  body: number
  finished: number
  text: string
  ease: string
  fit: Schemas['SizeView']['fit']
  words: string
}

const ROW_MM = 120

/** Girths and openings one below the other, each as wide as half its girth: body and garment in one scale. */
export function bars(sizes: Schemas['SizeView'][]): Bar[] {
  return sizes
    .filter((s) => s.kind !== 'LENGTH' && s.bodyMm > 0)
    .map((s, i) => ({
      what: s.what.split(', ')[0] ?? s.what,
      purpose: s.what.split(', ').slice(1).join(', '),
      y: -i * ROW_MM,
      body: s.bodyMm / 4,
      finished: s.finishedMm / 4,
      text: `${s.finished} · body ${s.body}`,
      ease: s.ease,
      fit: s.fits ? s.fit : 'TOO_TIGHT',
      words: s.fits ? s.fitWords : 'too tight',
    }))
}
