<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import CuttingTable from '../drawing/CuttingTable.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, pathOf, type Xy } from '../drawing/paths'

/** Necklines to scale, their chalk points on both sides of the centre front, the notch of the band beside them. */
const { necklines } = defineProps<{ necklines: Schemas['NecklineView'][]; inches: boolean }>()
const GAP = 90
const drawn = computed(() => {
  let x = 0
  return necklines.map((n) => {
    const half = n.widthMm / 2
    const middle = x + half
    const right: Xy[] = n.chalk.map((p) => [middle + (p[0] ?? 0), p[1] ?? 0])
    const left: Xy[] = n.chalk.map((p) => [middle - (p[0] ?? 0), p[1] ?? 0])
    const notchX = x + n.widthMm + 40
    const base = n.notchBaseMm
    const deep = n.bandDepthMm
    x += n.widthMm + GAP + (base > 0 ? base + 120 : 0)
    return {
      name: n.name,
      middle,
      depth: n.depthMm,
      depthText: n.depth,
      widthText: n.width,
      from: middle - half,
      to: middle + half,
      line: pathOf([...right, ...[...left].reverse()], false),
      dots: [...right, ...left],
      notch:
        base > 0
          ? {
              band: pathOf([
                [notchX, -deep],
                [notchX + base + 60, -deep],
                [notchX + base + 60, 0],
                [notchX, 0],
              ]),
              cut: pathOf(
                [
                  [notchX + 30, -deep],
                  [notchX + 30 + base / 2, 0],
                  [notchX + 30 + base, -deep],
                ],
                false,
              ),
              x: notchX + 30 + base / 2,
              y: -deep,
            }
          : undefined,
    }
  })
})
const bounds = computed(() => {
  const b = boundsOf(drawn.value.map((d) => d.dots))
  return {
    minX: b.minX - 20,
    minY: b.minY - 60,
    maxX: Math.max(b.maxX, ...drawn.value.map((d) => (d.notch?.x ?? 0) + 120)),
    maxY: 60,
  }
})
</script>

<template>
  <CuttingTable :bounds="bounds" :inches="inches" label="Necklines to chalk, to scale">
    <g v-for="d in drawn" :key="d.name">
      <path
        :d="`M${d.middle} 20V${-d.depth - 20}`"
        class="stroke-muted"
        stroke-dasharray="2 5"
        vector-effect="non-scaling-stroke"
      />
      <path
        :d="`M${d.from} 0H${d.to}`"
        class="stroke-muted"
        stroke-dasharray="2 5"
        vector-effect="non-scaling-stroke"
      />
      <path
        :d="d.line"
        fill="none"
        class="stroke-madder"
        stroke-width="2.5"
        stroke-dasharray="7 4"
        vector-effect="non-scaling-stroke"
      />
      <circle
        v-for="(p, i) in d.dots"
        :key="i"
        :cx="p[0]"
        :cy="p[1]"
        r="2.4"
        class="fill-paper stroke-madder"
        stroke-width="1.6"
        vector-effect="non-scaling-stroke"
      />
      <TableLabel :x="d.middle" :y="28" :text="d.name" :size="17" class="fill-ink font-serif" />
      <TableLabel :x="d.middle" :y="10" :text="d.widthText" halo />
      <TableLabel :x="d.middle" :y="-d.depth" :text="`${d.depthText} down`" :below="16" halo />
      <g v-if="d.notch">
        <path :d="d.notch.band" class="fill-paper stroke-ink" vector-effect="non-scaling-stroke" />
        <path
          :d="d.notch.cut"
          class="fill-muted/20 stroke-madder"
          stroke-width="2"
          vector-effect="non-scaling-stroke"
        />
        <TableLabel
          :x="d.notch.x"
          :y="d.notch.y"
          text="notch, folded edge below"
          :below="16"
          class="fill-muted"
        />
      </g>
    </g>
  </CuttingTable>
</template>
