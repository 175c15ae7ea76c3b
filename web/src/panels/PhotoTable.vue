<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Corner, PhotoAtHand } from './usePhoto'

/** The photo with a mark on each corner of its sheet, and a magnifier over the one in hand. */
const { photo } = defineProps<{ photo: PhotoAtHand }>()
const emit = defineEmits<{ move: [corner: number, to: Corner] }>()
const picture = computed(() => photo.photo.value)
const drawing = ref<SVGSVGElement>()
const held = ref<number>()
const shown = computed(() => held.value ?? 0)
const words = ['lower left', 'lower right', 'upper right', 'upper left']
const reach = computed(() => (picture.value?.width ?? 1000) / 40)
const marks = computed(() => photo.corners.value.map((c) => `${c.x},${c.y}`).join(' '))
function at(e: PointerEvent) {
  const m = drawing.value?.getScreenCTM()?.inverse()
  if (!m) return undefined
  const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(m)
  return { x: p.x, y: p.y }
}
function down(e: PointerEvent, i: number) {
  held.value = i
  ;(e.target as Element).setPointerCapture(e.pointerId)
}
function move(e: PointerEvent, i: number) {
  if (!(e.target as Element).hasPointerCapture(e.pointerId)) return
  const to = at(e)
  if (to) emit('move', i, to)
}
function nudge(e: KeyboardEvent, i: number) {
  const step = e.shiftKey ? 0.2 : 1
  const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
    e.key
  ]
  if (!by) return
  e.preventDefault()
  held.value = i
  const c = photo.corners.value[i]
  if (c) emit('move', i, { x: c.x + (by[0] ?? 0), y: c.y + (by[1] ?? 0) })
}
const lens = computed(() => {
  const c = photo.corners.value[shown.value] ?? { x: 0, y: 0 }
  const r = reach.value
  return `${c.x - r} ${c.y - r} ${2 * r} ${2 * r}`
})
</script>

<template>
  <div
    v-if="picture"
    class="relative h-full w-full overflow-hidden rounded-[3px] border border-line bg-table"
    role="group"
    aria-label="The photo, with the corners of its sheet"
  >
    <svg
      ref="drawing"
      class="absolute inset-0 h-full w-full touch-none"
      :viewBox="`0 0 ${picture.width} ${picture.height}`"
    >
      <image :href="photo.address('picture.jpg')" :width="picture.width" :height="picture.height" />
      <polygon :points="marks" fill="none" stroke="var(--paper)" :stroke-width="reach / 7" opacity=".7" />
      <polygon :points="marks" fill="none" class="stroke-madder" :stroke-width="reach / 14" />
      <g v-for="(c, i) in photo.corners.value" :key="i">
        <circle
          :cx="c.x"
          :cy="c.y"
          :r="reach * 0.6"
          fill="transparent"
          class="cursor-grab stroke-madder focus:outline-none focus-visible:stroke-ink"
          :stroke-width="held === i ? reach / 6 : reach / 10"
          tabindex="0"
          role="button"
          :aria-label="`Corner ${words[i]}: arrow keys move it`"
          @pointerdown="(e) => down(e, i)"
          @pointermove="(e) => move(e, i)"
          @focus="held = i"
          @keydown="(e) => nudge(e, i)"
        />
        <path
          :d="`M${c.x - reach / 4} ${c.y}h${reach / 2}M${c.x} ${c.y - reach / 4}v${reach / 2}`"
          class="pointer-events-none stroke-madder"
          :stroke-width="reach / 18"
        />
      </g>
    </svg>
    <figure class="absolute top-3 right-3 border border-line bg-paper p-1">
      <svg width="168" height="168" :viewBox="lens" class="block" aria-hidden="true">
        <image
          :href="photo.address('picture.jpg?full=true')"
          :width="picture.width"
          :height="picture.height"
        />
        <path
          v-if="photo.corners.value[shown]"
          :d="`M${(photo.corners.value[shown]?.x ?? 0) - reach} ${photo.corners.value[shown]?.y}h${2 * reach}M${photo.corners.value[shown]?.x} ${(photo.corners.value[shown]?.y ?? 0) - reach}v${2 * reach}`"
          class="stroke-madder"
          :stroke-width="reach / 60"
        />
      </svg>
      <figcaption class="text-center text-sm text-muted">{{ words[shown] }} corner, enlarged</figcaption>
    </figure>
  </div>
</template>
