<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { Schemas } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import ClothWeave from '../drawing/ClothWeave.vue'
import CuttingTable from '../drawing/CuttingTable.vue'
import PileArrow from '../drawing/PileArrow.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, labelPoint } from '../drawing/paths'
import PanelShape from '../drawing/PanelShape.vue'
import { boundsOfLying, inRows, sideBySide } from '../drawing/sideBySide'
import FlawNames from './FlawNames.vue'
import LaidPiece from './LaidPiece.vue'
import WaitingPiece from './WaitingPiece.vue'
import type { Glide } from './glide'
import type { Shift } from '../drawing/near'
import { useCarry } from './useCarry'
import { REACH_MM, type Held } from './useHandLay'

/** Panels with the pieces on them; pieces that wait lie below. A piece can be picked up and carried to another panel. */
const {
  lay,
  picked,
  verdict,
  glided,
  why,
  marked = [],
  still,
} = defineProps<{
  lay: Schemas['LayView']
  picked?: Held
  verdict?: Schemas['VerdictView']
  /** where the carried piece comes to lie while the hand holds it where it does */
  glided?: Glide
  /** why it cannot lie where the hand holds it */
  why?: string
  /** remnants that are to be seen on the cloth */
  marked?: Schemas['RemnantView'][]
  inches: boolean
  /** while a run is at work nothing can be moved */
  still?: boolean
}>()
const emit = defineEmits<{
  pick: [held: Held | undefined]
  hold: [held: Held]
  drop: [held: Held]
  free: []
}>()
const table = useTemplateRef<InstanceType<typeof CuttingTable>>('table')

/** Room for the arrows between panels, whatever the scale: more where there is more cloth. */
const gap = computed(() => {
  const wide = lay.panels.reduce((sum, p) => {
    const b = boundsOf([p.outline])
    return sum + b.maxX - b.minX
  }, 0)
  return Math.max(80, wide * 0.045)
})
/** A name may reach to the middle of the gap at either side. */
const roomOf = (panel: Schemas['LayPanelView']) => {
  const b = boundsOf([panel.outline])
  return b.maxX - b.minX + gap.value
}
/** Each panel shows its own cloth. */
const cloths = computed(() => [
  ...new Map(lay.panels.flatMap((p) => (p.cloth ? [[p.cloth.name, p.cloth] as const] : []))).values(),
])
const weaveOf = (panel: Schemas['LayPanelView']) =>
  `weave-lay-${String(cloths.value.findIndex((c) => c.name === panel.cloth?.name))}`
const panels = computed(() => sideBySide(lay.panels, gap.value))
const bounds = computed(() => {
  const b = boundsOfLying(panels.value)
  const rows = waiting.value.map((w) => w.item.outline.map((p) => [(p[0] ?? 0) + w.dx, (p[1] ?? 0) + w.dy]))
  const w = rows.length ? boundsOf(rows) : b
  return { minX: b.minX, maxX: b.maxX, maxY: b.maxY + 60, minY: Math.min(b.minY, w.minY) - 20 }
})
const waiting = computed(() => {
  const b = boundsOfLying(panels.value)
  return inRows(lay.unplaced, (u) => u.outline, b.maxX - b.minX, 40).map((w) => ({
    ...w,
    dy: w.dy + b.minY - 110,
  }))
})

const hand = useCarry(panels, place)
const { carried } = hand
function place(e: PointerEvent) {
  const box = (table.value?.$el as HTMLElement).getBoundingClientRect()
  return table.value?.toMm(e.clientX - box.left, e.clientY - box.top) ?? { x: 0, y: 0 }
}
function grab(e: PointerEvent, held: Held, ring: number[][], from: Shift) {
  emit('pick', held)
  if (!still) hand.grab(e, held, ring, from)
}
function carry(e: PointerEvent) {
  hand.carry(e)
  if (hand.target.value) emit('hold', hand.target.value)
}
function letGo(e: PointerEvent) {
  const to = hand.letGo(e)
  if (to) emit('drop', to)
  else emit('free')
}
function cancel() {
  hand.drop()
  emit('free')
}
const isGood = computed(() => (carried.value ? !why : !!verdict?.allowed))
const told = computed(() => {
  if (carried.value && hand.target.value) {
    if (!why) return glided ? 'It may lie here.' : ''
    return near.value ? `${why} It glides to the nearest free spot.` : `${why} Let go, and it goes back.`
  }
  if (!verdict) return ''
  return verdict.allowed ? 'It may lie here.' : verdict.reasons.slice(0, 3).join(' ')
})
const near = computed(() => (glided && glided.away <= REACH_MM ? glided : undefined))
const spot = computed(() => (near.value && carried.value ? hand.shiftTo(near.value) : undefined))
const isPicked = (p: { piece: string; copy: number }) => picked?.piece === p.piece && picked.copy === p.copy
const held = ({ piece, copy, variant, panel, x, y, rotation, mirrored }: Schemas['PlacedView']): Held => ({
  piece,
  copy,
  variant,
  panel,
  x,
  y,
  rotation,
  mirrored,
})
const heldWaiting = (u: Schemas['UnplacedView']): Held => ({
  piece: u.piece,
  copy: u.copy,
  variant: u.variant,
  panel: lay.panels[0]?.id ?? '',
  x: 0,
  y: 0,
  rotation: 0,
  mirrored: false,
})
const on = (panel: string) => lay.placed.filter((p) => p.panel === panel)
</script>

<template>
  <CuttingTable
    ref="table"
    :bounds="bounds"
    :inches="inches"
    :origin="{ x: bounds.minX, y: 0 }"
    label="The lay: panels with pieces on them, to scale"
    @rest="emit('pick', undefined)"
  >
    <ClothWeave v-for="(c, i) in cloths" :id="`weave-lay-${i}`" :key="c.name" :cloth="c" />
    <g v-for="l in panels" :key="l.item.id" :transform="`translate(${l.dx} ${l.dy})`">
      <title>{{ l.item.name }}</title>
      <PanelShape
        :outline="l.item.outline"
        :edges="l.item.edges"
        :flaws="l.item.flaws"
        :weave="weaveOf(l.item)"
      />
      <TableLabel
        :x="labelPoint(l.item.outline)[0]"
        :y="boundsOf([l.item.outline]).maxY"
        :below="-10"
        :text="l.item.name"
        :short="l.item.name.split(', ')[0]"
        :size="16"
        :room="roomOf(l.item)"
        :lines="3"
        class="fill-ink font-serif"
      />
      <PileArrow
        :x="boundsOf([l.item.outline]).maxX + gap / 2"
        :y="boundsOf([l.item.outline]).minY + 130"
        :deg="l.item.grainDeg"
        :one-way="l.item.oneWay"
      />
      <LaidPiece
        v-for="p in on(l.item.id)"
        v-show="!hand.isCarried(p)"
        :key="p.piece + p.copy"
        :piece="p"
        :picked="isPicked(p)"
        @pointerdown="(e: PointerEvent) => grab(e, held(p), p.ring, { x: l.dx, y: l.dy })"
        @pointermove="carry"
        @pointerup="letGo"
        @pointercancel="cancel"
        @keydown.enter="emit('pick', held(p))"
      />
      <ClothLine
        v-for="(r, i) in marked.filter((r) => r.panel === l.item.id)"
        :key="'left' + i"
        :points="r.outline"
        class="pointer-events-none fill-good stroke-good"
        fill-opacity=".25"
        stroke-width="2.5"
      />
      <FlawNames v-if="l.item.flaws.length" :flaws="l.item.flaws" :outline="l.item.outline" />
    </g>
    <WaitingPiece
      v-for="w in waiting"
      v-show="!hand.isCarried(w.item)"
      :key="w.item.piece + w.item.copy"
      :transform="`translate(${w.dx} ${w.dy})`"
      :piece="w.item"
      :left-end="bounds.minX - w.dx"
      :picked="isPicked(w.item)"
      @pointerdown="(e: PointerEvent) => grab(e, heldWaiting(w.item), w.item.outline, { x: w.dx, y: w.dy })"
      @pointermove="carry"
      @pointerup="letGo"
    />
    <g v-if="carried" class="pointer-events-none">
      <ClothLine
        :points="carried.ring"
        :transform="`translate(${hand.inHand.value.x} ${hand.inHand.value.y})`"
        fill="none"
        class="stroke-muted"
        :class="why ? 'stroke-madder' : 'stroke-muted'"
        stroke-width="1.5"
        stroke-dasharray="4 5"
      />
      <ClothLine
        v-if="spot"
        :points="carried.ring"
        :transform="`translate(${spot.x} ${spot.y})`"
        class="fill-paper stroke-good"
        fill-opacity=".85"
        stroke-width="3.5"
      />
    </g>
    <template #over>
      <p
        v-if="told"
        class="slip absolute top-9 left-11 max-w-[70%] px-3 py-2 text-[15px]"
        :class="isGood ? 'text-good' : 'text-madder'"
        role="status"
      >
        {{ told }}
      </p>
    </template>
  </CuttingTable>
</template>
