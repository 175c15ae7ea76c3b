<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import CuttingTable from '../drawing/CuttingTable.vue'
import TableLabel from '../drawing/TableLabel.vue'
import type { Bounds } from '../drawing/paths'

/** Each edge with folds three times, to scale: spread open, folded as it was, folded as it will be. */
const { letOut } = defineProps<{ letOut: Schemas['LetOutView']; inches: boolean }>()
const BAND = 90
const GAP = 56

interface Strip {
  key: string
  y: number
  length: number
  label: string
  folds: { from: number; middle: number; to: number }[]
  /** visible strips along the folded edge, each with the under-fold that lies behind its right end */
  pleats: { from: number; to: number; under: number }[]
  madder: boolean
}
function folded(r: Schemas['RefoldView'], depth: number) {
  const pleats: Strip['pleats'] = []
  let at = 0
  let last = 0
  for (const m of r.middlesMm) {
    const show = m - depth - last
    pleats.push({ from: at, to: at + show, under: depth })
    at += show
    last = m + depth
  }
  pleats.push({ from: at, to: at + (r.flatMm - last), under: 0 })
  return pleats
}
const blocks = computed(() => {
  let y = 0
  return letOut.refolds.map((r) => {
    const strips: Strip[] = []
    const add = (label: string, length: number, depth: number, open: boolean, madder: boolean) => {
      y -= BAND
      strips.push({
        key: label,
        y,
        length,
        label,
        folds: open
          ? r.middlesMm.map((m) => ({ from: m - r.newDepthMm, middle: m, to: m + r.newDepthMm }))
          : [],
        pleats: open ? [] : folded(r, depth),
        madder,
      })
      y -= GAP
    }
    const n = r.middlesMm.length
    const title = { text: r.name, y: y - 8 }
    y -= 46
    add('spread open, with the new folds', r.flatMm, 0, true, false)
    add(`as it was: ${r.oldFolded}`, r.flatMm - 2 * n * r.oldDepthMm, r.oldDepthMm, false, false)
    add(`as it will be: ${r.folded}`, r.flatMm - 2 * n * r.newDepthMm, r.newDepthMm, false, true)
    y -= 34
    return { key: r.name + r.part, title, strips }
  })
})
const bounds = computed<Bounds>(() => ({
  minX: 0,
  maxX: Math.max(200, ...letOut.refolds.map((r) => r.flatMm)),
  minY: Math.min(-200, ...blocks.value.flatMap((b) => b.strips.map((s) => s.y - 40))),
  maxY: 10,
}))
</script>

<template>
  <CuttingTable :bounds="bounds" :inches="inches" label="Folded edges before and after, to scale">
    <g v-for="b in blocks" :key="b.key">
      <TableLabel
        :x="0"
        :y="b.title.y"
        :text="b.title.text"
        :size="17"
        anchor="start"
        class="fill-ink font-serif first-letter:uppercase"
      />
      <g v-for="s in b.strips" :key="s.key">
        <rect
          x="0"
          :y="s.y"
          :width="s.length"
          :height="90"
          class="fill-paper"
          :class="s.madder ? 'stroke-madder' : 'stroke-ink'"
          :stroke-width="s.madder ? 2.4 : 1.4"
          vector-effect="non-scaling-stroke"
        />
        <g v-for="f in s.folds" :key="f.middle">
          <rect
            :x="f.from"
            :y="s.y"
            :width="f.to - f.from"
            height="90"
            class="fill-muted"
            fill-opacity=".18"
          />
          <path
            :d="`M${f.from} ${s.y}v90M${f.to} ${s.y}v90`"
            class="stroke-madder"
            stroke-width="1.3"
            stroke-dasharray="7 4"
            vector-effect="non-scaling-stroke"
          />
          <path
            :d="`M${f.middle} ${s.y}v90`"
            class="stroke-muted"
            stroke-width="1"
            stroke-dasharray="2 4"
            vector-effect="non-scaling-stroke"
          />
        </g>
        <g v-for="p in s.pleats" :key="p.from">
          <rect
            v-if="p.under > 0"
            :x="Math.max(0, p.to - p.under)"
            :y="s.y"
            :width="Math.min(p.under, p.to)"
            height="90"
            class="fill-muted"
            fill-opacity=".22"
          />
          <path
            v-if="p.under > 0"
            :d="`M${p.to} ${s.y}v90`"
            class="stroke-ink"
            stroke-width="2"
            vector-effect="non-scaling-stroke"
          />
        </g>
        <TableLabel
          :x="0"
          :y="s.y - 20"
          :text="s.label"
          anchor="start"
          :class="s.madder ? 'fill-madder' : 'fill-muted'"
        />
      </g>
    </g>
  </CuttingTable>
</template>
