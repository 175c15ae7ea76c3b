import type { Schemas } from '../api/client'

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

const KEY = 'handdown.tags'
const fresh = (name: string): Tag => ({
  name: name.replaceAll(/[^\p{L}\p{N} ]+/gu, ' ').trim(),
  meaning: '',
  allowance: '1 cm',
  quantity: 1,
  turn: 0,
  pair: false,
  cloth: 'SHELL',
})

function all(store: Storage): Record<string, Partial<Tag>> {
  try {
    const read: unknown = JSON.parse(store.getItem(KEY) ?? '{}')
    return typeof read === 'object' && read !== null ? (read as Record<string, Partial<Tag>>) : {}
  } catch {
    return {}
  }
}

/** What was said last time about a layer or block of this name; for a new name only its name is proposed. */
export function recall(name: string, store: Storage = window.localStorage): Tag {
  return { ...fresh(name), ...all(store)[name] }
}

const MOST = 200

export function remember(name: string, tag: Tag, store: Storage = window.localStorage) {
  const kept = Object.entries({ ...all(store), [name]: { ...tag } }).slice(-MOST)
  store.setItem(KEY, JSON.stringify(Object.fromEntries(kept)))
}
