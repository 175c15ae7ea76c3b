<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import { pathOf, type Xy } from '../drawing/paths'
import SourceDrawing from '../drawing/SourceDrawing.vue'

/** The source spread out, with the lines to chalk on it. */
const { source, joins, takeIn } = defineProps<{
  source: Schemas['SourceView']
  joins: Schemas['JoinView'][]
  takeIn?: Schemas['TakeInView']
  inches: boolean
}>()
const lines = computed(() =>
  (takeIn?.chalk ?? []).flatMap((line, i) => {
    const part = source.parts.find((p) => p.id === line.part)
    if (!part) return []
    const points: Xy[] = line.points.map((p) => [(p[0] ?? 0) + part.dx, (p[1] ?? 0) + part.dy])
    return [{ key: line.part + i, what: line.what, start: points[0], path: pathOf(points, false) }]
  }),
)
const dash = { STITCH: '7 4', CUT: undefined, FOLD: '12 4 2 4', START: undefined } as const
</script>

<template>
  <SourceDrawing :source="source" :joins="joins" :inches="inches">
    <g v-for="l in lines" :key="l.key" class="pointer-events-none" fill="none">
      <path
        v-if="l.what === 'START'"
        :d="`M${l.start?.join(' ')}h0.01`"
        class="stroke-madder"
        stroke-width="11"
        stroke-linecap="round"
        vector-effect="non-scaling-stroke"
      >
        <title>the seam is measured from here</title>
      </path>
      <template v-else>
        <path :d="l.path" class="stroke-paper" stroke-width="6" vector-effect="non-scaling-stroke" />
        <path
          :d="l.path"
          class="stroke-madder"
          stroke-width="3"
          :stroke-dasharray="dash[l.what]"
          vector-effect="non-scaling-stroke"
        />
      </template>
    </g>
  </SourceDrawing>
</template>
