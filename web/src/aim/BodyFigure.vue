<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import CuttingTable from '../drawing/CuttingTable.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { figure, spread, tapes } from './figure'

/** The wearer with a tape laid for every measure; the one being asked for is drawn strongly. */
const { measures, asked } = defineProps<{
  measures: Schemas['MeasureView'][]
  asked?: string
  inches: boolean
}>()
const height = computed(() => measures.find((m) => m.id === 'HEIGHT')?.mm ?? 1100)
/** Where each measure's words stand: left and right of the figure, pushed apart where they would touch. */
const heights = computed(() => {
  const found: Record<string, number> = {}
  for (const left of [true, false]) {
    const side = measures.filter((m) => (tapes[m.id]?.words[0] ?? 0) < 0 === left && tapes[m.id])
    spread(side.map((m) => tapes[m.id]?.words[1] ?? 0)).forEach((y, i) => (found[side[i]?.id ?? ''] = y))
  }
  return found
})
const lines = computed(() =>
  measures.flatMap((m) => {
    const known = tapes[m.id]
    if (!known) return []
    const tape = { ...known, words: [known.words[0], heights.value[m.id] ?? known.words[1]] as const }
    const [x0, y0, x1, y1] = [...tape.from, ...tape.to].map((v) => v * height.value) as [
      number,
      number,
      number,
      number,
    ]
    const bow = tape.girth ? 0.028 * height.value : 0
    const path = bow
      ? `M${x0} ${y0}C${x0} ${y0 - bow} ${x1} ${y1 - bow} ${x1} ${y1}`
      : `M${x0} ${y0}L${x1} ${y1}`
    const [x, y] = [tape.words[0] * height.value, tape.words[1] * height.value]
    const lead = `M${tape.words[0] < 0 ? x0 : x1} ${(y0 + y1) / 2 - bow * 0.7}L${x} ${y}`
    return [
      {
        ...m,
        path,
        x,
        y,
        lead: tape.girth || Math.abs(tape.words[1] - known.words[1]) > 0.01 ? lead : undefined,
        isAsked: m.id === asked,
      },
    ]
  }),
)
const bounds = computed(() => ({
  minX: -0.62 * height.value,
  maxX: 0.66 * height.value,
  minY: 0,
  maxY: 1.02 * height.value,
}))
</script>

<template>
  <CuttingTable :bounds="bounds" :inches="inches" label="The wearer with the tape lines of each measure">
    <path
      :d="figure"
      :transform="`scale(${height})`"
      class="fill-paper stroke-ink"
      stroke-width="1.5"
      vector-effect="non-scaling-stroke"
    />
    <g v-for="l in lines" :key="l.id" :class="l.isAsked ? 'text-madder' : 'text-muted'">
      <path
        :d="l.path"
        fill="none"
        stroke="currentColor"
        :stroke-width="l.isAsked ? 4 : 1.5"
        :stroke-dasharray="l.isAsked ? undefined : '6 4'"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-if="l.lead"
        :d="l.lead"
        fill="none"
        stroke="currentColor"
        stroke-width="0.8"
        opacity=".5"
        vector-effect="non-scaling-stroke"
      />
      <TableLabel
        :x="l.x"
        :y="l.y + 0.017 * height"
        :text="l.words"
        :anchor="l.x < 0 ? 'end' : 'start'"
        :size="14"
        :class="l.isAsked ? 'fill-madder font-bold' : 'fill-muted'"
      />
      <TableLabel
        :x="l.x"
        :y="l.y - 0.014 * height"
        :text="l.text"
        :anchor="l.x < 0 ? 'end' : 'start'"
        :size="16"
        :class="l.isAsked ? 'fill-madder font-bold' : 'fill-ink'"
      />
    </g>
  </CuttingTable>
</template>
