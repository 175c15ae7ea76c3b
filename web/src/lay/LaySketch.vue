<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import SmallSheets from '../drawing/SmallSheets.vue'
import { differing } from './placement'

/** A lay at a glance, small: the cloth and what lies on it; pieces that lie otherwise than in another lay are filled. */
const { lay, besides } = defineProps<{
  lay: Schemas['LayView']
  /** the lay it is held against */
  besides?: Schemas['LayView']
  /** what it shows, for those who do not see it */
  name: string
}>()
const other = computed(() => (besides ? differing(lay.placed, besides.placed) : new Set<string>()))
const lying = computed(() =>
  lay.placed.map((p) => {
    const key = `${p.piece} ${p.copy}`
    return { key, sheet: p.panel, ring: p.ring, isMarked: other.value.has(key) }
  }),
)
</script>

<template>
  <SmallSheets :sheets="lay.panels" :lying="lying" :name="name" />
</template>
