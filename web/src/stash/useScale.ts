import { computed, type Ref } from 'vue'
import { boundsOf } from '../drawing/paths'
import type { Thing } from './useStash'

/** No card is narrower than this, mm: a single button does not fill it. */
const LEAST = 120
const isSmall = (t: Thing) => t.kind === 'KEEPER'

/** How many mm the drawing of a thing shows: one scale for all cloth, a larger one for all keepers, so that buttons are no specks. */
export function useScale(things: Ref<Thing[]>) {
  const across = (of: Thing[]) =>
    1.04 *
    Math.max(
      LEAST,
      ...of
        .filter((t) => t.drawing.outlines.length)
        .map((t) => boundsOf(t.drawing.outlines))
        .flatMap((b) => [b.maxX - b.minX, b.maxY - b.minY]),
    )
  const cloth = computed(() => across(things.value.filter((t) => !isSmall(t))))
  const keepers = computed(() => across(things.value.filter(isSmall)))
  return (t: Thing) => (isSmall(t) ? keepers.value : cloth.value)
}
