import type { Schemas } from '../api/client'

/** A change as it is asked for: its kind, and what that kind needs. */
export type Change = Partial<Schemas['ChangeRequest']> & Pick<Schemas['ChangeRequest'], 'kind'>

/** With everything the server expects to be there; what a kind does not need stays out. */
export const whole = (change: Change) =>
  ({
    bothSides: false,
    turned: false,
    pair: false,
    wrongSideOut: false,
    uneven: false,
    ...change,
  }) as Schemas['ChangeRequest']

export interface Kind {
  id: Change['kind']
  words: string
  hint: string
  /** What is asked for, in order. */
  fields: Field[]
}
export type Field =
  | 'piece'
  | 'pieces'
  | 'edge'
  | 'other'
  | 'otherEdge'
  | 'at'
  | 'by'
  | 'bothSides'
  | 'quantity'
  | 'pair'
  | 'cloth'
  | 'wrongSideOut'
  | 'uneven'
  | 'ease'
  | 'ratio'

export const kinds: Kind[] = [
  {
    id: 'LENGTHEN',
    words: 'lengthen or shorten at a line',
    hint: 'The piece is cut along a level line and spread, or folded; − shortens. Take partners along.',
    fields: ['pieces', 'at', 'by'],
  },
  {
    id: 'WIDEN',
    words: 'widen or narrow',
    hint: 'Along an upright line, or half to either side of the middle; − narrows.',
    fields: ['piece', 'bothSides', 'at', 'by'],
  },
  { id: 'LEAVE_OUT', words: 'leave a piece out', hint: 'A pocket, a patch, a frill.', fields: ['piece'] },
  {
    id: 'MERGE',
    words: 'two pieces in one',
    hint: 'Joined along an edge each, on one grain, without a seam.',
    fields: ['piece', 'edge', 'other', 'otherEdge'],
  },
  {
    id: 'FACING',
    words: 'a facing from an edge',
    hint: 'It follows the edge, whatever is changed on it later.',
    fields: ['piece', 'edge', 'by'],
  },
  {
    id: 'SEAM',
    words: 'say what is sewn to what',
    hint: 'So that the seam can be walked. Ease: how much longer the second may be; ratio: gathered 2, stretched 0.85.',
    fields: ['piece', 'edge', 'other', 'otherEdge', 'ease', 'ratio'],
  },
  {
    id: 'RECUT',
    words: 'cut otherwise',
    hint: 'How many, from what, which face out.',
    fields: ['piece', 'quantity', 'pair', 'cloth', 'wrongSideOut', 'uneven'],
  },
  {
    id: 'MOCK_UP',
    words: 'try it in lining or a remnant first',
    hint: 'One more copy, cut and fitted before the real one.',
    fields: ['piece', 'bothSides'],
  },
  {
    id: 'TRUE_UP',
    words: 'make both halves alike',
    hint: 'Trimmed to the smaller half, never to the mean.',
    fields: ['piece'],
  },
]
