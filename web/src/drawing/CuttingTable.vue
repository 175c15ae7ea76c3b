<script setup lang="ts">
import { Maximize2, Minus, Plus } from '@lucide/vue'
import { useResizeObserver } from '@vueuse/core'
import { select, type Selection } from 'd3-selection'
import { zoom, type ZoomTransform } from 'd3-zoom'
import { computed, onMounted, provide, ref, shallowRef, watch } from 'vue'
import type { Bounds } from './paths'
import { scaleKey } from './scale'
import { CLOSEST, fit, tapeMarks, toMm, transformOf, viewOf, type Size, type View } from './view'

/** The table everything lies on: a drawing in mm with a tape along its top and left edge. */
const {
  bounds,
  origin,
  inches = false,
  label,
} = defineProps<{
  bounds: Bounds
  /** where the tapes begin; by default at the lower left of the bounds */
  origin?: { x: number; y: number }
  inches?: boolean
  label: string
}>()
const emit = defineEmits<{ rest: []; tap: [x: number, y: number] }>()
const BORDER = 54
/** On a narrow table the buttons stand in rows at its foot. */
const NARROW = 480
const FOOT = 112
const box = ref<HTMLElement>()
const size = shallowRef<Size>({ width: 800, height: 600 })
const all = () => fit(bounds, size.value, BORDER, size.value.width < NARROW ? FOOT : BORDER)
const view = shallowRef<View>(all())
const touched = ref(false)

useResizeObserver(box, ([entry]) => {
  if (!entry) return
  size.value = { width: entry.contentRect.width, height: entry.contentRect.height }
  if (!touched.value) refit()
})
onMounted(() => {
  look((on) => on.call(hands).on('dblclick.zoom', null))
  refit()
})
watch(
  () => JSON.stringify(bounds),
  () => !touched.value && refit(),
)

const scale = computed(() => view.value.scale)
provide(scaleKey, scale)
const transform = computed(
  () => `translate(${view.value.shiftX} ${view.value.shiftY}) scale(${scale.value} ${-scale.value})`,
)
const edge = computed(() => ({
  from: toMm(view.value, 0, size.value.height),
  to: toMm(view.value, size.value.width, 0),
}))
const zero = computed(() => origin ?? { x: bounds.minX, y: bounds.minY })
const across = computed(() =>
  tapeMarks(edge.value.from.x - zero.value.x, edge.value.to.x - zero.value.x, scale.value, inches).map(
    (m) => ({
      ...m,
      px: (m.mm + zero.value.x) * scale.value + view.value.shiftX,
    }),
  ),
)
const along = computed(() =>
  tapeMarks(edge.value.from.y - zero.value.y, edge.value.to.y - zero.value.y, scale.value, inches).map(
    (m) => ({
      ...m,
      px: view.value.shiftY - (m.mm + zero.value.y) * scale.value,
    }),
  ),
)

/** Fingers, mouse and wheel: one finger moves the table, two bring it closer. What is grabbed for itself is left to it. */
const hands = zoom<SVGSVGElement, unknown>()
  .extent((): [[number, number], [number, number]] => [
    [0, 0],
    [size.value.width, size.value.height],
  ])
  .scaleExtent([CLOSEST.least, CLOSEST.most])
  .clickDistance(4)
  .filter((e: Event) => !(e as MouseEvent).button && !(e.target as Element).closest('[data-grab]'))
  .on('zoom', (e: { transform: ZoomTransform; sourceEvent?: Event }) => {
    touched.value = touched.value || !!e.sourceEvent
    view.value = viewOf(e.transform)
  })
const table = ref<SVGSVGElement>()
const look = (call: (on: Selection<SVGSVGElement, unknown, null, undefined>) => void) => {
  if (table.value) call(select(table.value))
}
function closer(factor: number) {
  touched.value = true
  look((on) => hands.scaleBy(on, factor))
}
function refit() {
  view.value = all()
  touched.value = false
  look((on) => hands.transform(on, transformOf(view.value)))
}

/** A tap is a pointer that came down and up at one place. */
let from: { x: number; y: number } | undefined
function down(e: PointerEvent) {
  from =
    e.isPrimary && !(e.target as Element).closest('[data-grab]') ? { x: e.clientX, y: e.clientY } : undefined
}
function up(e: PointerEvent) {
  const tapped = from && Math.hypot(e.clientX - from.x, e.clientY - from.y) < 4
  from = undefined
  if (!tapped || (e.target as Element).closest('[data-pick]')) return
  emit('rest')
  const at = box.value?.getBoundingClientRect()
  if (at) {
    const mm = toMm(view.value, e.clientX - at.left, e.clientY - at.top)
    emit('tap', mm.x, mm.y)
  }
}
defineExpose({ toMm: (x: number, y: number) => toMm(view.value, x, y) })
</script>

<template>
  <div ref="box" class="relative h-full w-full overflow-hidden rounded-[3px] border border-line bg-table">
    <svg
      ref="table"
      class="absolute inset-0 h-full w-full touch-none select-none"
      role="group"
      :aria-label="label"
      @pointerdown="down"
      @pointerup="up"
      @pointerleave="from = undefined"
    >
      <slot name="defs" />
      <g :transform="transform"><slot /></g>
      <g class="pointer-events-none fill-paper" aria-hidden="true">
        <rect x="0" y="0" :width="size.width" height="26" class="stroke-line" />
        <rect x="0" y="26" width="34" :height="size.height" class="stroke-line" />
      </g>
      <g class="pointer-events-none fill-muted stroke-muted text-[13px]" aria-hidden="true">
        <template v-for="m in across" :key="m.mm">
          <line :x1="m.px" :x2="m.px" y1="26" :y2="m.text ? 15 : 21" />
          <text v-if="m.text && m.px > 46" :x="m.px" y="13" text-anchor="middle" stroke="none">
            {{ m.text }}
          </text>
        </template>
        <template v-for="m in along" :key="m.mm">
          <template v-if="m.px > 30">
            <line x1="34" :x2="m.text ? 28 : 30" :y1="m.px" :y2="m.px" />
            <text
              v-if="m.text"
              :x="m.text.length > 3 ? 27 : 25"
              :y="m.px + 4"
              :class="{ 'text-[11px]': m.text.length > 3 }"
              text-anchor="end"
              stroke="none"
            >
              {{ m.text }}
            </text>
          </template>
        </template>
        <rect x="0" y="0" width="34" height="26" class="fill-paper stroke-line" />
        <text x="17" y="17" text-anchor="middle" stroke="none">{{ inches ? 'in' : 'cm' }}</text>
      </g>
    </svg>
    <div class="absolute right-3 bottom-3 flex gap-1">
      <button class="act !px-2" title="Farther (wheel)" aria-label="Farther" @click="closer(1 / 1.3)">
        <Minus :size="18" />
      </button>
      <button class="act !px-2" title="Closer (wheel)" aria-label="Closer" @click="closer(1.3)">
        <Plus :size="18" />
      </button>
      <button class="act !px-2" title="See all" aria-label="See all" @click="refit">
        <Maximize2 :size="18" />
      </button>
    </div>
    <slot name="over" />
  </div>
</template>
