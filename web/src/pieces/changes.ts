import type { Schemas } from '../api/client'

/** A change as it is asked for: its kind, and what that kind needs. */
export type Change = Partial<Schemas['ChangeRequest']> & Pick<Schemas['ChangeRequest'], 'kind'>

/** With everything the server expects to be there; what a kind does not need stays out. */
export const whole = (change: Change) =>
  ({
    bothSides: false,
    pair: false,
    wrongSideOut: false,
    uneven: false,
    along: false,
    ...change,
  }) as Schemas['ChangeRequest']

/** What a piece may be cut from. */
export const cloths = [
  { id: 'SHELL', words: 'outer cloth' },
  { id: 'REMNANT', words: 'a remnant of the outer cloth' },
  { id: 'CONTRAST', words: 'contrast' },
  { id: 'SECOND_CONTRAST', words: 'second contrast' },
  { id: 'THIRD_CONTRAST', words: 'third contrast' },
  { id: 'LINING', words: 'lining' },
  { id: 'POCKETING', words: 'pocketing' },
  { id: 'INTERFACING', words: 'interfacing' },
  { id: 'RIB', words: 'rib or knit' },
  { id: 'BINDING', words: 'binding' },
  { id: 'OTHER', words: 'another cloth' },
] as const

/** How strictly a piece keeps the grain. */
export const grains = [
  { id: 'LENGTHWISE', words: 'along the grain' },
  { id: 'EITHER', words: 'along or across, as the cloth allows' },
  { id: 'BIAS', words: 'on the bias' },
] as const

/** What can be drawn on a piece. */
export const marks = [
  { id: 'DART', words: 'dart' },
  { id: 'PLEAT', words: 'pleat' },
  { id: 'DOT', words: 'dot' },
  { id: 'GUIDE', words: 'guide line' },
  { id: 'SHIRRING', words: 'row of shirring' },
  { id: 'GATHER', words: 'gather from here to here' },
  { id: 'BUTTONHOLE', words: 'buttonhole' },
  { id: 'BUTTON', words: 'button' },
  { id: 'FOLD', words: 'fold' },
  { id: 'OVERLAP', words: 'closing line, overlap beyond it' },
  { id: 'LEVEL', words: 'level of the body' },
] as const

export interface Kind {
  id: NonNullable<Change['kind']>
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
  | 'layers'
  | 'pair'
  | 'cloth'
  | 'wrongSideOut'
  | 'uneven'
  | 'ease'
  | 'ratio'
  | 'mark'
  | 'points'
  | 'grain'
  | 'along'
  | 'drawn'
  | 'motif'
  | 'edges'
  | 'strips'
  | 'folds'

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
    hint: 'It follows the edge, whatever is changed on it later; of interfacing it is a stay along the edge.',
    fields: ['piece', 'edge', 'by', 'cloth'],
  },
  {
    id: 'LAYER',
    words: 'a lining or interfacing of a whole piece',
    hint: 'A lining is cut at the outer hemline, or so much shorter; interfacing ends at the stitch lines; seams between two lined pieces join their linings too.',
    fields: ['piece', 'cloth', 'by'],
  },
  {
    id: 'BIND',
    words: 'bind edges with a cloth of their own',
    hint: 'All of them with one length: the strips are as long as the edges of every copy together. Their allowances go, for the raw edge lies in the fold.',
    fields: ['edges', 'cloth', 'by', 'grain', 'strips'],
  },
  {
    id: 'STRIP',
    words: 'one more strip: a tie, a loop, a band',
    hint: 'Cut as wide as its folds ask for, with an allowance all round.',
    fields: ['at', 'by', 'folds', 'drawn', 'cloth', 'grain', 'strips'],
  },
  {
    id: 'SEAM',
    words: 'say what is sewn to what',
    hint: 'So that the seam can be walked. Ease: how much longer the second may be; ratio: gathered 2, stretched 0.85.',
    fields: ['piece', 'edge', 'other', 'otherEdge', 'ease', 'ratio'],
  },
  {
    id: 'MARK',
    words: 'draw a mark',
    hint: 'A dart: leg, tip, leg. Lines have two points, a pleat four. From the piece’s own origin, across / up.',
    fields: ['piece', 'mark', 'points'],
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
    id: 'SAMPLE',
    words: 'keep a sample back',
    hint: 'A rectangle of the remnants, to try a buttonhole, a welt or a tension on the same cloth and layers.',
    fields: ['at', 'by', 'layers'],
  },
  {
    id: 'TRUE_UP',
    words: 'make both halves alike',
    hint: 'Trimmed to the smaller half, never to the mean.',
    fields: ['piece'],
  },
  {
    id: 'PIECING',
    words: 'piece it together from two',
    hint: 'Cut along a straight line with an allowance and two notches on both sides; alike on the other side of the centre. It keeps 30 mm off darts, buttonholes and marks.',
    fields: ['piece', 'along', 'at', 'drawn'],
  },
  {
    id: 'GRAIN',
    words: 'cut on another grain',
    hint: 'A lining or facing may lie across the grain; a main piece cut so hangs and stretches otherwise.',
    fields: ['piece', 'grain'],
  },
  {
    id: 'MOTIF',
    words: 'show a motif of the cloth',
    hint: 'The motif marked on a panel comes onto this spot of the piece, its mirror image onto the partner. From the piece’s own origin, across / up.',
    fields: ['piece', 'motif', 'points', 'by'],
  },
]
