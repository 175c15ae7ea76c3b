<script setup lang="ts">
import { computed } from 'vue'
import ClothLine from './ClothLine.vue'
import { boundsOf, type Xy } from './paths'
import { inRows } from './sideBySide'

/** Sheets of cloth at a glance, small, with what lies on them. */
const { sheets, lying } = defineProps<{
  /** @prop colour of its cloth, where it is to be seen */
  sheets: readonly { id: string; outline: readonly Xy[]; colour?: string }[]
  lying: readonly { key: string; sheet: string; ring: readonly Xy[]; isMarked?: boolean }[]
  /** what it shows, for those who do not see it */
  name: string
}>()
const GAP_MM = 60
const wide = computed(() =>
  sheets.reduce((sum, p) => {
    const b = boundsOf([p.outline])
    return sum + b.maxX - b.minX + GAP_MM
  }, 0),
)
const MOST_ROWS = 3
/** In as many rows as show the cloth largest in a square. */
const rows = computed(() => {
  const ways = Array.from({ length: MOST_ROWS }, (_, n) =>
    inRows(sheets, (p) => p.outline, (wide.value / (n + 1)) * 1.15, GAP_MM),
  )
  const side = (way: (typeof ways)[number]) => {
    const b = boundsOfAll(way)
    return Math.max(b.maxX - b.minX, b.maxY - b.minY)
  }
  return ways.reduce((best, way) => (side(way) < side(best) ? way : best))
})
const boundsOfAll = (way: { item: { outline: readonly Xy[] }; dx: number; dy: number }[]) =>
  boundsOf(way.map((l) => l.item.outline.map((p) => [(p[0] ?? 0) + l.dx, (p[1] ?? 0) + l.dy])))
const bounds = computed(() => boundsOfAll(rows.value))
const on = (sheet: string) => lying.filter((p) => p.sheet === sheet)
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
      <g v-for="l in rows" :key="l.item.id" :transform="`translate(${l.dx} ${l.dy})`">
        <ClothLine :points="l.item.outline" class="fill-table stroke-line" stroke-width="1" />
        <ClothLine
          v-if="l.item.colour"
          :points="l.item.outline"
          :fill="l.item.colour"
          fill-opacity="0.55"
          class="stroke-muted"
          stroke-width="1"
        />
        <ClothLine
          v-for="p in on(l.item.id)"
          :key="p.key"
          :points="p.ring"
          class="stroke-ink"
          :class="p.isMarked ? 'fill-madder' : 'fill-paper'"
          :fill-opacity="p.isMarked ? 0.55 : 1"
          stroke-width="0.8"
        />
      </g>
    </g>
  </svg>
</template>
