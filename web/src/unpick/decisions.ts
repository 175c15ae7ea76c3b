import type { Schemas } from '../api/client'

export type Decision = Schemas['JoinView']['decision']

export const choices: { id: Decision; word: string; what: string }[] = [
  { id: 'UNPICK', word: 'Unpick', what: 'open the stitches, win the allowance back' },
  { id: 'CUT_AWAY', word: 'Cut away', what: 'cut beside the stitches, lose the allowance' },
  { id: 'LEAVE', word: 'Leave', what: 'keep it closed' },
]
/** No stitches: opening it is a cut, and beside them nothing can be cut away. */
export const seamless: typeof choices = [
  { id: 'UNPICK', word: 'Cut', what: 'along the fold, once and for all' },
  { id: 'LEAVE', word: 'Leave', what: 'front and back stay one cloth' },
]
export const words: Record<Decision, string> = { UNPICK: 'unpick', CUT_AWAY: 'cut away', LEAVE: 'leave' }

/** What is done to a join, as one says it. */
export const verb = (join: { seamless: boolean; decision: Decision }) =>
  join.seamless && join.decision !== 'LEAVE' ? 'cut' : words[join.decision]

export const minutes = (m: number) => (m === 0 ? 'none' : m < 1 ? '< 1 min' : `${Math.round(m)} min`)

/** Square decimetres speak to people who think in cloth; below ten, square centimetres. */
export const area = (cm2: number) => (cm2 < 1000 ? `${Math.round(cm2)} cm²` : `${(cm2 / 100).toFixed(1)} dm²`)
