/** A standing child drawn in shares of its height (0 at the floor, 1 at the crown), and where each tape lies. */
export const figure =
  'M0 1C-.06 1-.075 .95-.07 .9-.065 .86-.04 .84-.03 .83L-.035 .8C-.08 .79-.12 .78-.135 .74L-.19 .5-.2 .43-.175 .43-.155 .5-.11 .66-.1 .6C-.095 .55-.11 .5-.115 .45L-.1 .25-.095 .05-.12 0-.03 0-.035 .05-.02 .25 0 .42 .02 .25 .035 .05 .03 0 .12 0 .095 .05 .1 .25 .115 .45C.11 .5 .095 .55 .1 .6L.11 .66 .155 .5 .175 .43 .2 .43 .19 .5 .135 .74C.12 .78 .08 .79 .035 .8L.03 .83C.04 .84 .065 .86 .07 .9 .075 .95 .06 1 0 1Z'

interface Tape {
  from: [number, number]
  to: [number, number]
  girth?: boolean
  /** where its words stand, in shares of the height; left of it they end, right of it they begin */
  words: [number, number]
}

export const tapes: Record<string, Tape> = {
  HEIGHT: { from: [-0.27, 0], to: [-0.27, 1], words: [-0.29, 0.9] },
  CHEST: { from: [-0.11, 0.7], to: [0.11, 0.7], girth: true, words: [0.24, 0.7] },
  WAIST: { from: [-0.1, 0.6], to: [0.1, 0.6], girth: true, words: [0.24, 0.6] },
  HIP: { from: [-0.115, 0.48], to: [0.115, 0.48], girth: true, words: [0.24, 0.47] },
  WAIST_TO_FLOOR: { from: [-0.22, 0.6], to: [-0.22, 0], words: [-0.29, 0.3] },
  INSIDE_LEG: { from: [0, 0.42], to: [0, 0], words: [0.24, 0.24] },
  BACK_WAIST: { from: [0.02, 0.81], to: [0.02, 0.6], words: [0.24, 0.79] },
  HEEL_GIRTH: { from: [-0.125, 0.02], to: [-0.03, 0.045], girth: true, words: [0.24, 0.03] },
}
