<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { inWords } from '../ui/days'
import { spots, told } from './growth'
import type { Line } from './useWearers'

/** How one measure changed, as a line over the days. */
const { line } = defineProps<{ line: Line }>()
const HEIGHT = 110
/** For the words at both ends. */
const MARGIN = 60
const LEAST = 160
const place = useTemplateRef('place')
const { width: room } = useElementSize(place)
/** One step of the drawing is a pixel: words stay as large as the others on the page. */
const wide = computed(() => Math.max(LEAST, room.value - 2 * MARGIN))
const all = computed(() => spots(line.readings, wide.value, HEIGHT))
const path = computed(() => all.value.map((s, i) => `${i ? 'L' : 'M'}${s.x} ${s.y}`).join(''))
const words = computed(() => told(all.value, 100))
</script>

<template>
  <div ref="place" class="max-w-3xl">
    <svg
      :viewBox="`${-MARGIN} -34 ${wide + 2 * MARGIN} ${HEIGHT + 72}`"
      class="block w-full"
      role="img"
      :aria-label="`${line.words}: ${line.readings.map((r) => `${r.text} on ${inWords(r.on)}`).join(', ')}`"
    >
      <path :d="`M-40 ${HEIGHT + 12}H${wide + 40}`" class="stroke-line" stroke-width="1" />
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
  </div>
</template>
