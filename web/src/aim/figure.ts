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
  HEAD_HEIGHT: { from: [-0.075, 0.93], to: [0.075, 0.93], girth: true, words: [0.24, 0.98] },
  HEAD_GIRTH: { from: [-0.07, 0.92], to: [0.07, 0.92], girth: true, words: [0.24, 0.93] },
  NECK_GIRTH: { from: [-0.035, 0.82], to: [0.035, 0.82], girth: true, words: [0.24, 0.86] },
  SHOULDER: { from: [-0.035, 0.805], to: [-0.125, 0.76], words: [-0.29, 0.8] },
  ARM_LENGTH: { from: [-0.14, 0.75], to: [-0.195, 0.48], words: [-0.29, 0.7] },
  UPPER_ARM: { from: [-0.165, 0.68], to: [-0.115, 0.67], girth: true, words: [-0.29, 0.6] },
  WRIST: { from: [-0.195, 0.49], to: [-0.155, 0.49], girth: true, words: [-0.29, 0.5] },
  HAND_GIRTH: { from: [-0.2, 0.455], to: [-0.165, 0.455], girth: true, words: [-0.29, 0.43] },
  HAND_WIDTH: { from: [-0.2, 0.44], to: [-0.17, 0.44], words: [-0.29, 0.37] },
  CHEST: { from: [-0.11, 0.7], to: [0.11, 0.7], girth: true, words: [0.24, 0.7] },
  HIGH_WAIST: { from: [-0.1, 0.625], to: [0.1, 0.625], girth: true, words: [0.24, 0.64] },
  WAIST: { from: [-0.1, 0.6], to: [0.1, 0.6], girth: true, words: [0.24, 0.6] },
  TROUSER_WAIST: { from: [-0.108, 0.56], to: [0.108, 0.56], girth: true, words: [0.24, 0.55] },
  WAIST_TO_HIP: { from: [0.14, 0.6], to: [0.14, 0.48], words: [0.24, 0.53] },
  HIP: { from: [-0.115, 0.48], to: [0.115, 0.48], girth: true, words: [0.24, 0.47] },
  THIGH: { from: [0.005, 0.39], to: [0.112, 0.39], girth: true, words: [0.24, 0.39] },
  WAIST_TO_FLOOR: { from: [-0.22, 0.6], to: [-0.22, 0], words: [-0.29, 0.3] },
  INSIDE_LEG: { from: [0, 0.42], to: [0, 0], words: [0.24, 0.3] },
  KNEE_TO_ANKLE: { from: [-0.06, 0.27], to: [-0.06, 0.05], words: [-0.29, 0.17] },
  CALF: { from: [0.02, 0.2], to: [0.1, 0.2], girth: true, words: [0.24, 0.19] },
  BACK_WAIST: { from: [0.02, 0.81], to: [0.02, 0.6], words: [0.24, 0.79] },
  HEEL_GIRTH: { from: [-0.125, 0.02], to: [-0.03, 0.045], girth: true, words: [0.24, 0.03] },
}

/**
 * Heights for words beside the figure, in shares of its height: as near to where they belong as they can be without touching.
 * Those that would overlap are pushed apart evenly, never out of the picture.
 */
export function spread(wanted: readonly number[], gap = 0.062): number[] {
  const order = wanted.map((_, i) => i).sort((a, b) => (wanted[a] ?? 0) - (wanted[b] ?? 0))
  const placed = order.map((i) => wanted[i] ?? 0)
  for (let pass = 0; pass < 60; pass++) {
    for (let k = 1; k < placed.length; k++) {
      const lack = gap - ((placed[k] ?? 0) - (placed[k - 1] ?? 0))
      if (lack > 0) {
        placed[k - 1] = (placed[k - 1] ?? 0) - lack / 2
        placed[k] = (placed[k] ?? 0) + lack / 2
      }
    }
    for (let k = 0; k < placed.length; k++) {
      const low = 0.02 + k * gap
      const high = 1 - (placed.length - 1 - k) * gap
      placed[k] = Math.min(Math.max(placed[k] ?? 0, low), Math.max(low, high))
    }
  }
  const out = new Array<number>(wanted.length)
  order.forEach((i, k) => (out[i] = placed[k] ?? 0))
  return out
}
