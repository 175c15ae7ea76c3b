<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import ClothWeave from '../drawing/ClothWeave.vue'
import { drawingOf } from './garments'

const { source, beside } = defineProps<{
  source: Schemas['StashedSourceView']
  /** the source that waits to be compared */
  beside?: { id: string; name: string }
}>()
const emit = defineEmits<{ begin: []; compare: [] }>()
const drawing = computed(() => drawingOf(source.kind))
const facts = computed(() =>
  source.measures
    .slice(0, 3)
    .map((m) => `${m.name} ${m.text}`)
    .join(' · '),
)
</script>

<template>
  <article class="slip flex flex-col p-4">
    <svg
      v-if="drawing"
      :viewBox="drawing.box"
      class="mb-3 h-44 w-full"
      role="img"
      :aria-label="`Drawing of ${source.name}; no photograph yet`"
    >
      <ClothWeave :id="'weave-' + source.id" :cloth="source.cloth" />
      <path
        :d="drawing.body"
        :fill="`url(#weave-${source.id})`"
        class="stroke-ink"
        stroke-width="2"
        vector-effect="non-scaling-stroke"
      />
      <path
        :d="drawing.detail"
        fill="none"
        stroke="#fff"
        stroke-opacity=".75"
        stroke-width="1.5"
        stroke-dasharray="5 4"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <h3 class="text-lg leading-snug">{{ source.name }}</h3>
    <p class="text-[15px]">{{ source.what }}</p>
    <p class="mt-1 text-sm text-muted">{{ source.condition }}</p>
    <p class="mt-1 text-sm text-muted">{{ facts }}</p>
    <p class="mt-auto pt-2 text-sm"><span class="text-muted">May become</span> {{ source.idea }}</p>
    <div class="mt-2 flex gap-2">
      <button class="act" @click="emit('begin')">Begin with it</button>
      <button class="act" :aria-pressed="beside?.id === source.id" @click="emit('compare')">
        {{ !beside ? 'Compare' : beside.id === source.id ? 'Not this one' : 'with this' }}
      </button>
    </div>
  </article>
</template>
