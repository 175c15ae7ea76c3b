<script setup lang="ts">
import { computed } from 'vue'
import type { ProjectView } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import ClothWeave from '../drawing/ClothWeave.vue'
import CuttingTable from '../drawing/CuttingTable.vue'
import PileArrow from '../drawing/PileArrow.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf } from '../drawing/paths'
import PanelShape from '../drawing/PanelShape.vue'
import { boundsOfLying, sideBySide } from '../drawing/sideBySide'

/** The picked panel, large; the tape lies where its measures were taken. */
const { project, picked, asked, all, wrongSide, walk } = defineProps<{
  project: ProjectView
  picked: string
  asked?: string
  /** the whole source at one scale instead of the picked panel large */
  all?: boolean
  /** turned over: as it lies with its wrong side up */
  wrongSide?: boolean
  /** points tapped so far round a flaw */
  walk?: number[][]
}>()
const emit = defineEmits<{ pick: [id: string]; tap: [x: number, y: number] }>()
type Panel = ProjectView['panels'][number]
const over = (points: number[][]) => points.map((q) => [-(q[0] ?? 0), q[1] ?? 0])
const turnedOver = (p: Panel): Panel => ({
  ...p,
  outline: over(p.outline),
  stitchLine: over(p.stitchLine),
  edges: p.edges.map((e) => ({ ...e, points: over(e.points) })),
  flaws: p.flaws.map((f) => ({ ...f, shown: over(f.shown) })),
  stripes: p.stripes.map((s) => ({ ...s, lines: s.lines.map(over) })),
  motifs: p.motifs.map((m) => ({ ...m, x: -m.x })),
  grainDeg: 180 - p.grainDeg,
  sideRight: !p.sideRight,
})
const laid = computed(() =>
  sideBySide(
    project.panels.filter((p) => all || p.id === picked).map((p) => (wrongSide ? turnedOver(p) : p)),
    90,
  ).map((l) => {
    const b = boundsOf([l.item.outline])
    return {
      ...l,
      middle: (b.minX + b.maxX) / 2,
      top: b.maxY,
      wide: b.maxX - b.minX,
      arrow: b.minY + 0.68 * (b.maxY - b.minY),
    }
  }),
)
const bounds = computed(() => {
  const all = boundsOfLying(laid.value)
  return { ...all, maxY: all.maxY + 50, maxX: all.maxX + 190, minX: all.minX - 90 }
})
const tapesOf = (p: ProjectView['panels'][number]) =>
  p.stations.map((s) => {
    const side = p.sideRight ? s.toSideMm : -s.toSideMm
    const inner = p.sideRight ? s.toSideMm - s.widthMm : s.widthMm - s.toSideMm
    return { ...s, side, inner }
  })
</script>

<template>
  <CuttingTable
    :bounds="bounds"
    :inches="project.unit === 'INCH'"
    :label="wrongSide ? 'Panels to scale, wrong side up' : 'Panels to scale, right side up'"
    @tap="(x, y) => emit('tap', (x - (laid[0]?.dx ?? 0)) * (wrongSide ? -1 : 1), y)"
  >
    <ClothWeave v-if="project.source" id="weave-panels" :cloth="project.source.cloth" />
    <g v-for="l in laid" :key="l.item.id" :transform="`translate(${l.dx} ${l.dy})`">
      <g
        :data-pick="walk ? undefined : ''"
        role="button"
        tabindex="0"
        class="cursor-pointer focus:outline-none"
        :aria-label="l.item.name"
        :aria-pressed="picked === l.item.id"
        :opacity="picked === l.item.id ? 1 : 0.72"
        @click="emit('pick', l.item.id)"
        @keydown.enter="emit('pick', l.item.id)"
      >
        <PanelShape
          :outline="l.item.outline"
          :edges="l.item.edges"
          :flaws="l.item.flaws"
          :depth="l.item.keptDepthMm"
          :crease="l.item.taped?.fold?.line"
          weave="weave-panels"
        />
        <g v-for="(s, i) in l.item.stripes" :key="s.name">
          <ClothLine
            v-for="(line, k) in s.lines"
            :key="k"
            :points="line"
            open
            class="stroke-chalk"
            :stroke-dasharray="i ? '2 5' : undefined"
            stroke-width="1"
            opacity=".55"
          />
        </g>
        <ClothLine
          :points="l.item.stitchLine"
          fill="none"
          class="stroke-chalk"
          stroke-width="1"
          stroke-dasharray="4 4"
          opacity=".8"
        />
        <ClothLine
          v-if="picked === l.item.id"
          :points="l.item.outline"
          fill="none"
          class="stroke-madder"
          stroke-width="3"
        />
      </g>
      <g v-for="m in l.item.motifs" :key="m.name">
        <circle
          :cx="m.x"
          :cy="m.y"
          r="14"
          fill="none"
          class="stroke-ink"
          stroke-width="2"
          vector-effect="non-scaling-stroke"
        />
        <circle :cx="m.x" :cy="m.y" r="4" class="fill-ink" />
        <TableLabel :x="m.x" :y="m.y" :text="m.name" :below="-24" halo />
      </g>
      <TableLabel
        :x="l.middle"
        :y="l.top + 30"
        :text="l.item.name"
        :size="16"
        :room="all ? l.wide + 90 : undefined"
        class="fill-ink font-serif"
      />
      <PileArrow
        :x="l.item.leg ? (l.item.sideRight ? 46 : -46) : l.middle"
        :y="l.arrow"
        :deg="l.item.grainDeg"
        :one-way="l.item.oneWay"
      />
      <template v-if="picked === l.item.id && l.item.leg && !all">
        <line
          x1="0"
          x2="0"
          y1="0"
          :y2="l.item.stations[4]?.heightMm"
          class="stroke-chalk"
          stroke-width="1.2"
          stroke-dasharray="10 5"
          vector-effect="non-scaling-stroke"
        />
        <g v-for="t in tapesOf(l.item)" :key="t.id" :class="t.id === asked ? 'text-madder' : 'text-ink'">
          <line
            :x1="t.inner"
            :x2="t.side"
            :y1="t.heightMm"
            :y2="t.heightMm"
            stroke="var(--paper)"
            stroke-width="5"
            opacity=".7"
            vector-effect="non-scaling-stroke"
          />
          <line
            :x1="t.inner"
            :x2="t.side"
            :y1="t.heightMm"
            :y2="t.heightMm"
            stroke="currentColor"
            :stroke-width="t.id === asked ? 3.5 : 1.6"
            vector-effect="non-scaling-stroke"
          />
          <TableLabel
            :x="Math.max(t.inner, t.side) + 26"
            :y="t.heightMm"
            :text="`${t.id} ${t.width}`"
            anchor="start"
            halo
          />
        </g>
      </template>
    </g>
    <ClothLine
      v-if="walk && laid[0]"
      :transform="`translate(${laid[0].dx} 0)`"
      :points="walk"
      :open="walk.length <= 2"
      fill="none"
      class="pointer-events-none stroke-madder"
      stroke-width="2.5"
      stroke-dasharray="6 4"
    />
    <TableLabel
      v-if="wrongSide"
      :x="(bounds.minX + bounds.maxX) / 2"
      :y="bounds.minY"
      text="Wrong side up"
      :size="20"
      :below="26"
      class="fill-madder font-serif"
    />
    <template #over><slot /></template>
  </CuttingTable>
</template>
