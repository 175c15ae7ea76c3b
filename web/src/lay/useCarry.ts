import { computed, ref, type Ref } from 'vue'
import type { Schemas } from '../api/client'
import { boundsOf } from '../drawing/paths'
import type { Lying } from '../drawing/sideBySide'
import type { Shift } from '../drawing/near'
import type { Held } from './useHandLay'

export type LyingPanel = Lying<Schemas['LayPanelView']>
/** A copy on its way: its ring in the frame that it came from, and how far the hand has carried it. */
interface Carried {
  held: Held
  ring: number[][]
  /** the frame it came from lies so far to the side and up */
  from: Shift
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
  const hand = ref<Shift>({ x: 0, y: 0 })
  const moved = computed(() => !!carried.value && Math.hypot(carried.value.dx, carried.value.dy) > LEAST_MM)
  /** The panel under the hand or, of those above and below it, the nearest: a piece that waits is carried up to it. */
  const under = computed(() => {
    const away = (l: LyingPanel) => {
      const b = boundsOf([l.item.outline])
      return Math.max(0, b.minY + l.dy - hand.value.y, hand.value.y - b.maxY - l.dy)
    }
    const over = panels.value.filter((l) => {
      const b = boundsOf([l.item.outline])
      return hand.value.x >= b.minX + l.dx - BESIDE_MM && hand.value.x <= b.maxX + l.dx + BESIDE_MM
    })
    return over.sort((a, b) => away(a) - away(b))[0] ?? panels.value[0]
  })
  const target = computed<Held | undefined>(() => {
    const c = carried.value
    return c && moved.value
      ? {
          ...c.held,
          panel: under.value?.item.id ?? c.held.panel,
          x: c.held.x + c.from.x + c.dx - (under.value?.dx ?? 0),
          y: c.held.y + c.from.y + c.dy - (under.value?.dy ?? 0),
        }
      : undefined
  })

  function grab(e: PointerEvent, held: Held, ring: number[][], from: Shift) {
    const at = toTable(e)
    hand.value = at
    carried.value = { held, ring, from, fromX: at.x, fromY: at.y, dx: 0, dy: 0 }
    ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
  }
  function carry(e: PointerEvent) {
    const c = carried.value
    if (!c) return
    const at = toTable(e)
    hand.value = at
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
    y: (under.value?.dy ?? 0) + spot.y - (carried.value?.held.y ?? 0),
  })
  const inHand = computed(() => ({
    x: (carried.value?.from.x ?? 0) + (carried.value?.dx ?? 0),
    y: (carried.value?.from.y ?? 0) + (carried.value?.dy ?? 0),
  }))
  const isCarried = (p: { piece: string; copy: number }) =>
    carried.value?.held.piece === p.piece && carried.value.held.copy === p.copy
  const drop = () => (carried.value = undefined)
  return { carried, target, grab, carry, letGo, drop, shiftTo, inHand, isCarried }
}
