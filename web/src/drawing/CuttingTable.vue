<script setup lang="ts">
import { Maximize2, Minus, Plus } from '@lucide/vue'
import { computed, onBeforeUnmount, onMounted, provide, ref, shallowRef, watch } from 'vue'
import type { Bounds } from './paths'
import { scaleKey } from './scale'
import { fit, panBy, tapeMarks, toMm, zoomAbout, type Size, type View } from './view'

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
const box = ref<HTMLElement>()
const size = shallowRef<Size>({ width: 800, height: 600 })
const view = shallowRef<View>(fit(bounds, size.value, BORDER))
const touched = ref(false)
let observer: ResizeObserver | undefined

const refit = () => {
  view.value = fit(bounds, size.value, BORDER)
  touched.value = false
}
onMounted(() => {
  observer = new ResizeObserver(([entry]) => {
    if (!entry) return
    size.value = { width: entry.contentRect.width, height: entry.contentRect.height }
    if (!touched.value) refit()
  })
  if (box.value) observer.observe(box.value)
})
onBeforeUnmount(() => observer?.disconnect())
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

function zoom(factor: number, x = size.value.width / 2, y = size.value.height / 2) {
  touched.value = true
  view.value = zoomAbout(view.value, factor, x, y)
}
function wheel(e: WheelEvent) {
  const at = box.value?.getBoundingClientRect()
  if (at) zoom(Math.exp(-e.deltaY * 0.0015), e.clientX - at.left, e.clientY - at.top)
}
let from: { x: number; y: number; moved: boolean } | undefined
function down(e: PointerEvent) {
  if ((e.target as Element).closest('[data-grab]')) return
  from = { x: e.clientX, y: e.clientY, moved: false }
}
function move(e: PointerEvent) {
  if (!from) return
  const [dx, dy] = [e.clientX - from.x, e.clientY - from.y]
  if (!from.moved && Math.hypot(dx, dy) < 4) return
  touched.value = true
  view.value = panBy(view.value, dx, dy)
  from = { x: e.clientX, y: e.clientY, moved: true }
}
function up(e: PointerEvent) {
  if (from && !from.moved && !(e.target as Element).closest('[data-pick]')) {
    emit('rest')
    const at = box.value?.getBoundingClientRect()
    if (at) {
      const mm = toMm(view.value, e.clientX - at.left, e.clientY - at.top)
      emit('tap', mm.x, mm.y)
    }
  }
  from = undefined
}
defineExpose({ toMm: (x: number, y: number) => toMm(view.value, x, y) })
</script>

<template>
  <div ref="box" class="relative h-full w-full overflow-hidden rounded-[3px] border border-line bg-table">
    <svg
      class="absolute inset-0 h-full w-full touch-none select-none"
      role="group"
      :aria-label="label"
      @wheel.prevent="wheel"
      @pointerdown="down"
      @pointermove="move"
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
      <button class="act !px-2" title="Farther (wheel)" aria-label="Farther" @click="zoom(1 / 1.3)">
        <Minus :size="18" />
      </button>
      <button class="act !px-2" title="Closer (wheel)" aria-label="Closer" @click="zoom(1.3)">
        <Plus :size="18" />
      </button>
      <button class="act !px-2" title="See all" aria-label="See all" @click="refit">
        <Maximize2 :size="18" />
      </button>
    </div>
    <slot name="over" />
  </div>
</template>
