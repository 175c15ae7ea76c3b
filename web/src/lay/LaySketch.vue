<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import { boundsOf } from '../drawing/paths'
import { inRows } from '../drawing/sideBySide'
import { differing } from './placement'

/** A lay at a glance, small: the cloth and what lies on it; pieces that lie otherwise than in another lay are filled. */
const { lay, besides } = defineProps<{
  lay: Schemas['LayView']
  /** the lay it is held against */
  besides?: Schemas['LayView']
  /** what it shows, for those who do not see it */
  name: string
}>()
const GAP_MM = 60
const wide = computed(() =>
  lay.panels.reduce((sum, p) => {
    const b = boundsOf([p.outline])
    return sum + b.maxX - b.minX + GAP_MM
  }, 0),
)
const MOST_ROWS = 3
/** In as many rows as show the cloth largest in a square. */
const panels = computed(() => {
  const ways = Array.from({ length: MOST_ROWS }, (_, rows) =>
    inRows(lay.panels, (p) => p.outline, (wide.value / (rows + 1)) * 1.15, GAP_MM),
  )
  const side = (way: (typeof ways)[number]) => {
    const b = boundsOfAll(way)
    return Math.max(b.maxX - b.minX, b.maxY - b.minY)
  }
  return ways.reduce((best, way) => (side(way) < side(best) ? way : best))
})
const boundsOfAll = (way: { item: { outline: number[][] }; dx: number; dy: number }[]) =>
  boundsOf(way.map((l) => l.item.outline.map((p) => [(p[0] ?? 0) + l.dx, (p[1] ?? 0) + l.dy])))
const bounds = computed(() => boundsOfAll(panels.value))
const other = computed(() => (besides ? differing(lay.placed, besides.placed) : new Set<string>()))
const lies = (panel: string) => lay.placed.filter((p) => p.panel === panel)
const margin = computed(() => (bounds.value.maxX - bounds.value.minX) * 0.02)
const box = computed(() => {
  const { minX, minY, maxX, maxY } = bounds.value
  const m = margin.value
  return `${minX - m} ${-maxY - m} ${maxX - minX + 2 * m} ${maxY - minY + 2 * m}`
})
</script>

<template>
  <svg role="img" :aria-label="name" :viewBox="box" class="block aspect-square w-full min-w-24">
    <g transform="scale(1 -1)">
      <g v-for="l in panels" :key="l.item.id" :transform="`translate(${l.dx} ${l.dy})`">
        <ClothLine :points="l.item.outline" class="fill-table stroke-line" stroke-width="1" />
        <ClothLine
          v-for="p in lies(l.item.id)"
          :key="`${p.piece} ${p.copy}`"
          :points="p.ring"
          class="stroke-ink"
          :class="other.has(`${p.piece} ${p.copy}`) ? 'fill-madder' : 'fill-paper'"
          :fill-opacity="other.has(`${p.piece} ${p.copy}`) ? 0.55 : 1"
          stroke-width="0.8"
        />
      </g>
    </g>
  </svg>
</template>
