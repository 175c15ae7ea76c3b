<script setup lang="ts">
import { computed } from 'vue'
import { pathOf, type Xy } from './paths'

/** An outline, or with `open` a run along one, of points in mm; its stroke keeps its width in pixels at every scale. */
const { points, open = false } = defineProps<{ points: readonly Xy[]; open?: boolean }>()
const path = computed(() => pathOf(points, !open))
</script>

<template>
  <path :d="path" :fill="open ? 'none' : undefined" vector-effect="non-scaling-stroke" />
</template>
