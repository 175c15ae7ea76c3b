<script setup lang="ts">
import { computed, inject, ref } from 'vue'
import { scaleKey } from './scale'

/** Grain with both ends, or pile with one: an arrow of fixed size on the screen. */
const { x, y, deg, oneWay } = defineProps<{
  x: number
  y: number
  deg: number
  oneWay: boolean
  length?: number
}>()
const scale = inject(scaleKey, ref(1))
const transform = computed(() => `translate(${x} ${y}) rotate(${deg}) scale(${1 / scale.value})`)
</script>

<template>
  <g
    :transform="transform"
    class="pointer-events-none"
    fill="none"
    stroke-linecap="round"
    stroke-linejoin="round"
  >
    <g stroke="var(--paper)" stroke-width="5" opacity=".8"
      ><path :d="`M${-(length ?? 22)} 0H${length ?? 22}`"
    /></g>
    <g class="stroke-ink" stroke-width="2">
      <path :d="`M${-(length ?? 22)} 0H${length ?? 22}m-7 -5l7 5l-7 5`" />
      <path v-if="!oneWay" :d="`M${-(length ?? 22) + 7} -5l-7 5l7 5`" />
    </g>
  </g>
</template>
