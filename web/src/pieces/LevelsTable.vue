<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import CuttingTable from '../drawing/CuttingTable.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { bars } from './levels'

/** Level by level: the wearer's girth (filled) and the garment's round it (stitched), both to one scale. */
const { sizes } = defineProps<{ sizes: Schemas['SizeView'][]; inches: boolean }>()
const rows = computed(() => bars(sizes))
const wide = computed(() => Math.max(100, ...rows.value.map((r) => Math.max(r.body, r.finished))))
const bounds = computed(() => ({
  minX: -wide.value * 1.15,
  maxX: wide.value * 2.9,
  minY: (rows.value.at(-1)?.y ?? 0) - 70,
  maxY: 80,
}))
/** A girth seen from the front: a flat ring. */
const ring = (half: number, y: number, deep: number) =>
  `M${-half} ${y}C${-half} ${y + deep} ${half} ${y + deep} ${half} ${y}C${half} ${y - deep} ${-half} ${y - deep} ${-half} ${y}Z`
</script>

<template>
  <CuttingTable :bounds="bounds" :inches="inches" label="Body and garment, level by level">
    <g v-for="r in rows" :key="r.y">
      <path
        :d="ring(r.body, r.y, 34)"
        class="fill-paper stroke-muted"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
      />
      <path
        :d="ring(r.finished, r.y, 42)"
        fill="none"
        :class="r.fit === 'TOO_TIGHT' ? 'stroke-madder' : 'stroke-ink'"
        :stroke-width="r.fit === 'TOO_TIGHT' ? 3.5 : 2"
        :stroke-dasharray="
          r.fit === 'TOO_TIGHT' ? undefined : r.fit === 'CLOSE' ? '3 2' : r.fit === 'EASY' ? '7 4' : '12 8'
        "
        vector-effect="non-scaling-stroke"
      />
      <TableLabel
        :x="wide * 1.08"
        :y="r.y + 10"
        :text="r.what"
        anchor="start"
        :size="16"
        class="fill-ink font-semibold"
      />
      <TableLabel
        :x="wide * 1.08"
        :y="r.y + 10"
        :below="19"
        anchor="start"
        :text="r.text"
        :size="14"
        class="fill-ink"
      />
      <TableLabel
        :x="wide * 1.08"
        :y="r.y + 10"
        :below="38"
        anchor="start"
        :text="[r.ease, r.words, r.purpose].filter(Boolean).join(' · ')"
        :size="14"
        :class="r.fit === 'TOO_TIGHT' ? 'fill-madder font-semibold' : 'fill-muted'"
      />
    </g>
  </CuttingTable>
</template>
