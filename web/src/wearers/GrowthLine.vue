<script setup lang="ts">
import { computed } from 'vue'
import { inWords } from '../ui/days'
import { spots, told } from './growth'
import type { Line } from './useWearers'

/** How one measure changed, as a line over the days. */
const { line } = defineProps<{ line: Line }>()
const WIDTH = 560
const HEIGHT = 110
const all = computed(() => spots(line.readings, WIDTH, HEIGHT))
const path = computed(() => all.value.map((s, i) => `${i ? 'L' : 'M'}${s.x} ${s.y}`).join(''))
const words = computed(() => told(all.value, 110))
</script>

<template>
  <svg
    :viewBox="`-60 -34 ${WIDTH + 120} ${HEIGHT + 72}`"
    class="w-full max-w-3xl"
    role="img"
    :aria-label="`${line.words}: ${line.readings.map((r) => `${r.text} on ${inWords(r.on)}`).join(', ')}`"
  >
    <path :d="`M-40 ${HEIGHT + 12}H${WIDTH + 40}`" class="stroke-line" stroke-width="1" />
    <path :d="path" class="stroke-madder" fill="none" stroke-width="2.5" stroke-linejoin="round" />
    <g v-for="s in all" :key="s.reading.id">
      <path :d="`M${s.x} ${HEIGHT + 8}v8`" class="stroke-muted" stroke-width="1" />
      <circle :cx="s.x" :cy="s.y" r="4.5" class="fill-paper stroke-madder" stroke-width="2.5" />
    </g>
    <g v-for="s in words" :key="'w' + s.reading.id" text-anchor="middle">
      <text :x="s.x" :y="s.y - 12" class="fill-ink text-[15px] font-semibold">{{ s.reading.text }}</text>
      <text :x="s.x" :y="HEIGHT + 32" class="fill-muted text-[13px]">{{ inWords(s.reading.on) }}</text>
    </g>
  </svg>
</template>
