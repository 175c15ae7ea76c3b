<script setup lang="ts">
import { computed } from 'vue'
import type { ProjectView } from '../api/client'
import CuttingTable from '../drawing/CuttingTable.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, pathOf, type Xy } from '../drawing/paths'
import type { Tape } from './useTape'

/** What the figures draw so far, the tape lying where it was read. */
const { tape, project } = defineProps<{ tape: Tape; project: ProjectView }>()
const { drawn, form } = tape
const pins = computed(() => drawn.value?.pins ?? [])
const corners = computed<Xy[]>(() => drawn.value?.points ?? [])
const bounds = computed(() => {
  const b = boundsOf([drawn.value?.outline ?? [], pins.value])
  const below = drawn.value?.ellipses.length ? 0.09 * (b.maxY - b.minY) : 0
  return { minX: b.minX - 70, maxX: b.maxX + 70, minY: b.minY - 70 - below, maxY: b.maxY + 70 }
})
const baseline = computed(() => {
  const b = boundsOf([drawn.value?.outline ?? []])
  return form.way === 'BASELINE'
    ? pathOf(
        [
          [0, Math.min(0, b.minY)],
          [0, b.maxY + 30],
        ],
        false,
      )
    : ''
})
/** Four sides and their diagonals, each with its figure where the tape lay. */
const sides = computed(() => {
  const [a, b, c, d] = form.way === 'SIDES' ? (drawn.value?.outline ?? []) : []
  if (!a || !b || !c || !d) return []
  const of = (id: string, from: Xy, to: Xy, share = 0.5) => ({
    id,
    text: form.sides[id] ?? '',
    x: (from[0] ?? 0) + share * ((to[0] ?? 0) - (from[0] ?? 0)),
    y: (from[1] ?? 0) + share * ((to[1] ?? 0) - (from[1] ?? 0)),
    line: share === 0.5 ? '' : pathOf([from, to], false),
  })
  return [
    of('lower', a, b),
    of('right', b, c),
    of('upper', d, c),
    of('left', a, d),
    of('rising', a, c, 0.36),
    of('falling', d, b, 0.36),
  ]
})
const colour = computed(() => project.source?.cloth.colour ?? '#b9a789')
/** Ellipses are drawn twenty times as large as they are, or nobody would see them. */
const LARGER = 20
</script>

<template>
  <CuttingTable
    :bounds="bounds"
    :inches="project.unit === 'INCH'"
    label="The panel as measured so far, to scale"
  >
    <template v-if="drawn">
      <path
        :d="pathOf(drawn.outline)"
        :fill="colour"
        fill-opacity=".35"
        class="stroke-ink"
        stroke-width="2"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-if="baseline"
        :d="baseline"
        class="stroke-chalk"
        stroke-width="4"
        stroke-dasharray="10 3"
        vector-effect="non-scaling-stroke"
      />
      <g v-for="s in sides" :key="s.id">
        <path
          v-if="s.line"
          :d="s.line"
          class="stroke-chalk"
          stroke-width="2.5"
          stroke-dasharray="8 4"
          vector-effect="non-scaling-stroke"
        />
        <TableLabel :x="s.x" :y="s.y" :text="s.text" halo />
      </g>
      <g v-for="(p, i) in corners" :key="i">
        <path
          v-for="(pin, k) in pins"
          :key="k"
          :d="pathOf([pin, p], false)"
          class="stroke-muted"
          stroke-width="1"
          stroke-dasharray="2 4"
          vector-effect="non-scaling-stroke"
        />
        <ellipse
          v-if="drawn.ellipses[i]"
          :rx="(drawn.ellipses[i]?.longMm ?? 0) * LARGER"
          :ry="(drawn.ellipses[i]?.shortMm ?? 0) * LARGER"
          :transform="`translate(${p[0]} ${p[1]}) rotate(${drawn.ellipses[i]?.directionDeg ?? 0})`"
          fill="none"
          class="stroke-stale"
          stroke-width="1.2"
          vector-effect="non-scaling-stroke"
        />
        <TableLabel :x="p[0] ?? 0" :y="p[1] ?? 0" :text="String(i + 1)" :below="-12" halo />
      </g>
      <g v-for="(pin, k) in pins" :key="'pin' + k">
        <circle :cx="pin[0]" :cy="pin[1]" r="6" class="fill-madder" />
        <TableLabel
          :x="pin[0] ?? 0"
          :y="pin[1] ?? 0"
          :text="k === 0 ? 'first pin' : 'second pin'"
          :below="18"
          class="fill-madder"
        />
      </g>
      <TableLabel
        v-if="drawn.ellipses.length"
        :x="bounds.minX"
        :y="bounds.minY"
        text="Rings: how surely each point lies, twenty times as large"
        anchor="start"
        :below="-14"
        class="fill-muted"
      />
    </template>
  </CuttingTable>
</template>
