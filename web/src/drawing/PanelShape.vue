<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import ClothLine from './ClothLine.vue'

/** Cloth with its finished edges woven, its flaws ringed in chalk. Drawn in mm, in the panel's own frame. */
const {
  outline,
  edges,
  flaws,
  depth = 0,
  crease,
} = defineProps<{
  outline: number[][]
  edges: Schemas['PanelEdgeView'][]
  flaws: Schemas['FlawView'][]
  weave: string
  /** depth of a kept hem, mm, for its line of stitches */
  depth?: number
  /** an old fold that was opened */
  crease?: number[][]
}>()
const hems = computed(() =>
  edges.filter((e) => e.kind !== 'RAW' && e.kind !== 'SEAM').map((e) => ({ name: e.name, points: e.points })),
)
/** Seams that are still closed: the rest hangs on there. */
const seams = computed(() => edges.filter((e) => e.kind === 'SEAM').map((e) => e.points))
const hemLine = computed(() => {
  const p = hems.value[0]?.points
  if (!depth || !p || p.length !== 2) return undefined
  return p.map((q) => [q[0] ?? 0, (q[1] ?? 0) + depth])
})
</script>

<template>
  <g>
    <ClothLine
      :points="outline"
      :fill="`url(#${weave}) var(--table)`"
      class="stroke-ink"
      stroke-width="1.2"
    />
    <ClothLine
      v-for="(s, i) in seams"
      :key="i"
      :points="s"
      open
      class="stroke-ink"
      stroke-width="3.5"
      stroke-dasharray="2 4"
    />
    <g v-for="h in hems" :key="h.name">
      <ClothLine :points="h.points" open class="stroke-ink" stroke-width="8" />
      <ClothLine :points="h.points" open class="stroke-chalk" stroke-width="4.5" stroke-dasharray="5 3" />
    </g>
    <ClothLine
      v-if="hemLine"
      :points="hemLine"
      open
      class="stroke-chalk"
      stroke-width="1.2"
      stroke-dasharray="5 3"
    />
    <ClothLine
      v-if="crease?.length"
      :points="crease"
      open
      class="stroke-chalk"
      stroke-width="1.6"
      stroke-dasharray="14 4 2 4"
    />
    <g v-for="(f, i) in flaws" :key="i">
      <ClothLine
        :points="f.shown"
        class="stroke-chalk"
        :fill="f.treatment === 'AVOID' ? '#000' : f.treatment === 'HIDE' ? '#fff' : 'none'"
        :fill-opacity="f.treatment === 'AVOID' ? 0.45 : 0.22"
        stroke-width="2.4"
        :stroke-dasharray="f.treatment === 'AVOID' ? undefined : f.treatment === 'HIDE' ? '8 4' : '1 5'"
        stroke-linecap="round"
      />
    </g>
  </g>
</template>
