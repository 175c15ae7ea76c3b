import { api, take, type Schemas } from '../api/client'

/** What a person said about an outline of a drawing. */
export interface Tag {
  name: string
  meaning: '' | 'CUT' | 'STITCH'
  allowance: string
  quantity: number
  turn: number
  pair: boolean
  cloth: Schemas['PieceView']['cloth']
}

const fresh = (name: string): Tag => ({
  name: name.replaceAll(/[^\p{L}\p{N} ]+/gu, ' ').trim(),
  meaning: '',
  allowance: '1 cm',
  quantity: 1,
  turn: 0,
  pair: false,
  cloth: 'SHELL',
})

/** What this household said of outlines so far. */
export const said = () => take(api.GET('/api/outline-tags'))

/** What was said last time about a layer or block of this name; for a new name only its name is proposed. */
export function recall(name: string, known: Schemas['OutlineTag'][]): Tag {
  const before = known.find((t) => t.outline === name)
  if (!before) return fresh(name)
  const { meaning, allowance, quantity, turn, pair, cloth } = before
  return { name: before.name, meaning, allowance, quantity, turn, pair, cloth }
}

/** Keeps what was said, for the next drawing with layers or blocks of these names. */
export const remember = (tags: { outline: string; tag: Tag }[]) =>
  take(
    api.PUT('/api/outline-tags', {
      body: tags.map(({ outline, tag }) => ({
        outline,
        ...tag,
        meaning: (tag.meaning || null) as 'CUT' | 'STITCH',
      })),
    }),
  )
