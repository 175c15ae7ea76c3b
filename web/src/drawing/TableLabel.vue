<script setup lang="ts">
import { computed, inject, ref } from 'vue'
import { linesIn, scaleKey, wideMm } from './scale'

/** Words on the table that keep their size whatever the zoom; left out where there is no room for them. */
const {
  x,
  y,
  text,
  short,
  room,
  lines = 1,
  down,
  size = 14,
  turn = 0,
  below = 0,
} = defineProps<{
  x: number
  y: number
  text: string
  /** stands for it where it is too long */
  short?: string
  /** mm of room; the label hides when it would not fit */
  room?: number
  /** so many lines at most where one is too long; they grow upward and the last stands at its point */
  lines?: number
  /** they grow downward, and the first stands there */
  down?: boolean
  size?: number
  turn?: number
  /** px that it stands below its point, whatever the zoom */
  below?: number
  anchor?: 'start' | 'middle' | 'end'
  halo?: boolean
}>()
const scale = inject(scaleKey, ref(1))
const written = computed(() => {
  for (const words of short ? [text, short] : [text]) {
    if (room === undefined || wideMm(words, size, scale.value) <= room) return [words]
    const broken = lines > 1 ? linesIn(words, room, size, scale.value) : []
    if (broken.length && broken.length <= lines) return broken
  }
  return []
})
const LINE = 1.15
const transform = computed(
  () =>
    `translate(${x} ${y}) scale(${1 / scale.value} ${-1 / scale.value}) rotate(${turn}) translate(0 ${below})`,
)
</script>

<template>
  <text
    v-if="written.length"
    :transform="transform"
    :font-size="size"
    :text-anchor="anchor ?? 'middle'"
    dominant-baseline="central"
    class="pointer-events-none"
    :class="halo ? 'fill-ink' : ''"
    :style="halo ? 'paint-order: stroke; stroke: var(--paper); stroke-width: 3px; stroke-opacity: .85' : ''"
  >
    <template v-if="written.length === 1">{{ written[0] }}</template>
    <tspan
      v-for="(line, i) in written.length > 1 ? written : []"
      :key="i"
      x="0"
      :y="(down ? i : i + 1 - written.length) * LINE * size"
      >{{ line }}</tspan
    >
  </text>
</template>
