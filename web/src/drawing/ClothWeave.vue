<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'

/** The cloth as it looks, as an SVG fill: colour, weave, and the pile as a soft shading that runs up the panel. */
const { cloth, id } = defineProps<{ cloth: Pick<Schemas['Cloth'], 'weave' | 'colour'>; id: string }>()
const isRibbed = computed(() => cloth.weave === 'CORDUROY')
const isStriped = computed(() => cloth.weave === 'STRIPED')
</script>

<template>
  <defs>
    <pattern :id="id" width="24" height="24" patternUnits="userSpaceOnUse">
      <rect width="24" height="24" :fill="cloth.colour" />
      <template v-if="isRibbed">
        <g fill="#000" opacity="0.16">
          <rect v-for="k in 4" :key="k" :x="(k - 1) * 6" width="2.2" height="24" />
        </g>
        <g fill="#fff" opacity="0.1">
          <path v-for="k in 4" :key="k" :d="`M${(k - 1) * 6 + 2.6} 0 h2.6 l-1.3 12z`" />
        </g>
      </template>
      <rect v-else-if="isStriped" width="7" height="24" fill="#fff" opacity="0.55" />
      <g v-else fill="#000" opacity="0.09">
        <rect width="12" height="3" />
        <rect x="12" y="12" width="12" height="3" />
      </g>
    </pattern>
  </defs>
</template>
