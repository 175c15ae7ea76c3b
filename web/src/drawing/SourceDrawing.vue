<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import ClothWeave from './ClothWeave.vue'
import CuttingTable from './CuttingTable.vue'
import TableLabel from './TableLabel.vue'
import { boundsOf, labelPoint, pathOf, type Xy } from './paths'

/** The source spread out, front, back and inside, to scale; every part and join can be picked. */
const { source, joins, picked, pickedPart } = defineProps<{
  source: Schemas['SourceView']
  joins: Schemas['JoinView'][]
  picked?: string
  pickedPart?: string
  inches: boolean
}>()
const emit = defineEmits<{ pick: [join: string]; part: [part: string] }>()

const shift = (points: readonly Xy[], part: Schemas['PartView']) =>
  points.map((p) => [(p[0] ?? 0) + part.dx, (p[1] ?? 0) + part.dy])
const parts = computed(() =>
  source.parts.map((p) => {
    const ring = shift(p.outline, p)
    const bounds = boundsOf([ring])
    return {
      ...p,
      path: pathOf(ring),
      at: labelPoint(ring, p.main ? 0.55 : 0.5),
      room: bounds.maxX - bounds.minX,
      bounds,
    }
  }),
)
const bounds = computed(() => boundsOf(parts.value.map((p) => shift(p.outline, p))))

/** Every run of a join that has an edge to be drawn along. */
const seams = computed(() =>
  joins.flatMap((join) =>
    join.runs.flatMap((run) => {
      const part = source.parts.find((p) => p.id === run.part)
      const edge = part?.edges.find((e) => e.name === run.edge)
      return part && edge
        ? [{ join, key: join.id + run.part, path: pathOf(shift(edge.points, part), false) }]
        : []
    }),
  ),
)
const sides = computed(() =>
  (['front', 'back', 'inside'] as const).flatMap((side) => {
    const own = parts.value.filter((p) => p.side === side)
    if (!own.length) return []
    const b = boundsOf(own.map((p) => shift(p.outline, p)))
    // Above front and back there is room at any zoom; below them lies what is inside.
    const above = side !== 'inside'
    return [{ side, x: (b.minX + b.maxX) / 2, y: above ? b.maxY : b.minY, below: above ? -14 : 18 }]
  }),
)
/** Edges that are finished and stay so, drawn as the woven things they are. */
const finished = computed(() =>
  source.parts.flatMap((p) =>
    p.edges
      .filter((e) => e.kind !== 'RAW' && e.kind !== 'SEAM')
      .map((e) => ({ key: p.id + e.name, path: pathOf(shift(e.points, p), false) })),
  ),
)
const look = { UNPICK: 'stroke-chalk', CUT_AWAY: 'stroke-madder', LEAVE: 'stroke-ink' } as const
const dash = { UNPICK: '3 9', CUT_AWAY: '14 5', LEAVE: '9 4' } as const
</script>

<template>
  <CuttingTable
    :bounds="{ ...bounds, minY: bounds.minY - 70, maxY: bounds.maxY + 70 }"
    :inches="inches"
    :label="`${source.name}, spread out to scale`"
  >
    <ClothWeave id="weave-source" :cloth="source.cloth" />
    <path
      v-for="p in parts"
      :key="p.id"
      data-pick
      role="button"
      tabindex="0"
      :d="p.path"
      fill="url(#weave-source)"
      class="cursor-pointer stroke-ink focus:outline-none focus-visible:stroke-madder focus-visible:[stroke-width:4]"
      :class="{ '!stroke-madder': pickedPart === p.id }"
      :stroke-width="pickedPart === p.id ? 5 : 1"
      vector-effect="non-scaling-stroke"
      :aria-label="`Part: ${p.name}`"
      :aria-pressed="pickedPart === p.id"
      @click="emit('part', p.id)"
      @keydown.enter="emit('part', p.id)"
    />
    <path
      v-for="p in parts.filter((q) => q.layer !== 'outer cloth')"
      :key="p.id + 'lining'"
      :d="p.path"
      class="pointer-events-none fill-paper"
      fill-opacity=".6"
    />
    <g v-for="f in finished" :key="f.key" fill="none">
      <path :d="f.path" class="stroke-ink" stroke-width="6" vector-effect="non-scaling-stroke" />
      <path
        :d="f.path"
        class="stroke-chalk"
        stroke-width="3.5"
        stroke-dasharray="5 3"
        vector-effect="non-scaling-stroke"
      />
    </g>
    <TableLabel
      v-for="p in parts"
      :key="p.id + 'name'"
      :x="p.at[0]"
      :y="p.at[1]"
      :text="p.name"
      :room="p.room + 130"
      halo
    />
    <TableLabel
      v-for="s in sides"
      :key="s.side"
      :x="s.x"
      :y="s.y"
      :text="s.side"
      :size="17"
      :below="s.below"
      class="fill-muted font-serif italic"
    />
    <g
      v-for="s in seams"
      :key="s.key"
      data-pick
      role="button"
      tabindex="0"
      class="cursor-pointer focus:outline-none [&:focus-visible>.hit]:stroke-madder/50"
      :aria-label="`${s.join.name}: ${s.join.decision.toLowerCase().replace('_', ' ')}`"
      :aria-pressed="picked === s.join.id"
      @click="emit('pick', s.join.id)"
      @keydown.enter="emit('pick', s.join.id)"
      @keydown.space.prevent="emit('pick', s.join.id)"
    >
      <path
        class="hit stroke-transparent"
        :d="s.path"
        fill="none"
        stroke-width="22"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-if="picked === s.join.id"
        :d="s.path"
        fill="none"
        class="stroke-paper"
        stroke-width="11"
        stroke-linecap="round"
        vector-effect="non-scaling-stroke"
      />
      <path
        :d="s.path"
        fill="none"
        :class="look[s.join.decision]"
        :stroke-width="picked === s.join.id ? 5 : 3"
        :stroke-dasharray="dash[s.join.decision]"
        vector-effect="non-scaling-stroke"
      />
    </g>
    <slot />
  </CuttingTable>
</template>
