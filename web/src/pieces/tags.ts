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

/**
 * What was said last time about an outline of this name, else about one of its layer or block; for a new one only its name is
 * proposed.
 */
export function recall(name: string, group: string, known: Schemas['OutlineTag'][]): Tag {
  const before = known.find((t) => t.outline === name) ?? known.find((t) => t.outline === group)
  if (!before) return fresh(name)
  const { meaning, allowance, quantity, turn, pair, cloth } = before
  const called = before.outline === name ? before.name : fresh(name).name
  return { name: called, meaning, allowance, quantity, turn, pair, cloth }
}

/** By its name a piece replaces another: no two of one drawing may be called alike. */
export function apart(tag: Tag, taken: Set<string>): Tag {
  const plain = tag.name
  for (let n = 2; taken.has(tag.name.toLowerCase()); n++) tag.name = `${plain} ${n}`
  taken.add(tag.name.toLowerCase())
  return tag
}

/** Keeps what was said, for the next drawing with outlines, layers or blocks of these names. */
export function remember(said: { name: string; group: string; tag: Tag }[]) {
  const tags = new Map<string, Tag>()
  for (const { name, group, tag } of said) {
    tags.set(group, tag)
    tags.set(name, tag)
  }
  return take(
    api.PUT('/api/outline-tags', {
      body: [...tags].map(([outline, tag]) => ({
        outline,
        ...tag,
        meaning: (tag.meaning || null) as 'CUT' | 'STITCH',
      })),
    }),
  )
}
