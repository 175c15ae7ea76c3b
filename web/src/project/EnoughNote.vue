<script setup lang="ts">
import type { Schemas } from '../api/client'

/** Whether the panels can be enough for the pieces: told before anything is laid. */
defineProps<{ enough: Schemas['EnoughView'] }>()
const words = {
  LIKELY: 'Cloth enough, as far as can be told',
  TIGHT: 'Cloth is tight',
  SHORT: 'Not enough cloth',
} as const
const tone = { LIKELY: 'text-good', TIGHT: 'text-stale', SHORT: 'text-madder' } as const
</script>

<template>
  <section class="mb-4 rounded-[3px] bg-table p-3" role="status">
    <p class="font-semibold" :class="tone[enough.verdict]">{{ words[enough.verdict] }}</p>
    <p v-for="s in enough.sentences" :key="s" class="text-[15px]">{{ s }}</p>
  </section>
</template>
