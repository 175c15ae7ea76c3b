import { computed, ref, type Ref } from 'vue'
import type { Schemas } from '../api/client'
import { boundsOf } from '../drawing/paths'
import type { Shift } from './glide'
import type { Held } from './useHandLay'

/** A panel that lies on the table, moved sideways from its own frame. */
export interface LyingPanel {
  item: Schemas['LayPanelView']
  dx: number
}
/** A copy on its way: its ring in the frame that it came from, and how far the hand has carried it. */
interface Carried {
  held: Held
  ring: number[][]
  /** the frame it came from lies so far to the side and up */
  offset: number
  lift: number
  fromX: number
  fromY: number
  dx: number
  dy: number
}

const BESIDE_MM = 40
const LEAST_MM = 3

/** A copy carried over the table by pointer: where it is held, in the frame of the panel that lies under the hand. */
export function useCarry(panels: Ref<LyingPanel[]>, toTable: (e: PointerEvent) => Shift) {
  const carried = ref<Carried>()
  const handX = ref(0)
  const moved = computed(() => !!carried.value && Math.hypot(carried.value.dx, carried.value.dy) > LEAST_MM)
  const under = computed(
    () =>
      panels.value.find((l) => {
        const b = boundsOf([l.item.outline])
        return handX.value >= b.minX + l.dx - BESIDE_MM && handX.value <= b.maxX + l.dx + BESIDE_MM
      }) ?? panels.value[0],
  )
  const target = computed<Held | undefined>(() => {
    const c = carried.value
    return c && moved.value
      ? {
          ...c.held,
          panel: under.value?.item.id ?? c.held.panel,
          x: c.held.x + c.offset + c.dx - (under.value?.dx ?? 0),
          y: c.held.y + c.lift + c.dy,
        }
      : undefined
  })

  function grab(e: PointerEvent, held: Held, ring: number[][], offset: number, lift = 0) {
    const at = toTable(e)
    handX.value = at.x
    carried.value = { held, ring, offset, lift, fromX: at.x, fromY: at.y, dx: 0, dy: 0 }
    ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
  }
  function carry(e: PointerEvent) {
    const c = carried.value
    if (!c) return
    const at = toTable(e)
    handX.value = at.x
    carried.value = { ...c, dx: at.x - c.fromX, dy: at.y - c.fromY }
  }
  /** Lets go; returns where, unless it was a mere press. */
  function letGo(e: PointerEvent): Held | undefined {
    carry(e)
    const to = target.value
    carried.value = undefined
    return to
  }
  /** How the ring is moved on the table to lie at a spot of the panel under the hand. */
  const shiftTo = (spot: Shift) => ({
    x: (under.value?.dx ?? 0) + spot.x - (carried.value?.held.x ?? 0),
    y: spot.y - (carried.value?.held.y ?? 0),
  })
  const inHand = computed(() => ({
    x: (carried.value?.offset ?? 0) + (carried.value?.dx ?? 0),
    y: (carried.value?.lift ?? 0) + (carried.value?.dy ?? 0),
  }))
  const isCarried = (p: { piece: string; copy: number }) =>
    carried.value?.held.piece === p.piece && carried.value.held.copy === p.copy
  const drop = () => (carried.value = undefined)
  return { carried, target, grab, carry, letGo, drop, shiftTo, inHand, isCarried }
}
