<script setup lang="ts">
import { computed, inject, ref } from 'vue'
import { scaleKey, wideMm } from './scale'

/** Words on the table that keep their size whatever the zoom; left out where there is no room for them. */
const {
  x,
  y,
  text,
  room,
  size = 14,
  turn = 0,
  below = 0,
} = defineProps<{
  x: number
  y: number
  text: string
  /** mm of room; the label hides when it would not fit */
  room?: number
  size?: number
  turn?: number
  /** px that it stands below its point, whatever the zoom */
  below?: number
  anchor?: 'start' | 'middle' | 'end'
  halo?: boolean
}>()
const scale = inject(scaleKey, ref(1))
const fits = computed(() => room === undefined || wideMm(text, size, scale.value) <= room)
const transform = computed(
  () =>
    `translate(${x} ${y}) scale(${1 / scale.value} ${-1 / scale.value}) rotate(${turn}) translate(0 ${below})`,
)
</script>

<template>
  <text
    v-if="fits"
    :transform="transform"
    :font-size="size"
    :text-anchor="anchor ?? 'middle'"
    dominant-baseline="central"
    class="pointer-events-none"
    :class="halo ? 'fill-ink' : ''"
    :style="halo ? 'paint-order: stroke; stroke: var(--paper); stroke-width: 3px; stroke-opacity: .85' : ''"
  >
    {{ text }}
  </text>
</template>
