<script setup lang="ts">
import { computed } from 'vue'
import { Spool } from '@lucide/vue'
import ClothLine from '../drawing/ClothLine.vue'
import ClothWeave from '../drawing/ClothWeave.vue'
import { boundsOf, type Xy } from '../drawing/paths'
import type { Thing } from './useStash'

/** A thing to scale: at the scale that it is given; without one, or with a wanted part lying on it, as large as there is room. */
const { thing, across } = defineProps<{ thing: Thing; across: number }>()
const place = computed<readonly Xy[]>(() => thing.served?.place ?? [])
const on = computed<readonly Xy[]>(() => thing.served?.on ?? [])
const outlines = computed(() => (on.value.length ? [on.value] : thing.drawing.outlines))
const frame = computed(() => {
  const b = boundsOf(outlines.value)
  const own = Math.max(b.maxX - b.minX, b.maxY - b.minY) * 1.06
  const side = on.value.length || !across ? own : across
  return `${(b.minX + b.maxX - side) / 2} ${-(b.minY + b.maxY + side) / 2} ${side} ${side}`
})
</script>

<template>
  <svg
    v-if="outlines.length"
    :viewBox="frame"
    class="aspect-square w-full"
    role="img"
    :aria-label="`${thing.name}, drawn to scale`"
  >
    <ClothWeave v-if="thing.cloth" :id="'cloth-' + thing.id" :cloth="thing.cloth" />
    <g transform="scale(1 -1)">
      <ClothLine
        v-for="(o, i) in outlines"
        :key="i"
        :points="o"
        :fill="thing.cloth ? `url(#cloth-${thing.id})` : 'var(--table)'"
        class="stroke-ink"
        stroke-width="1.2"
      />
      <template v-if="!on.length">
        <ClothLine
          v-for="(e, i) in thing.drawing.edges"
          :key="'e' + i"
          :points="e"
          open
          class="stroke-good"
          stroke-width="4"
        />
        <ClothLine
          v-for="(f, i) in thing.drawing.flaws"
          :key="'f' + i"
          :points="f"
          fill="none"
          class="stroke-madder"
          stroke-dasharray="4 3"
        />
      </template>
      <ClothLine
        v-if="place.length"
        :points="place"
        fill="var(--paper)"
        fill-opacity=".78"
        class="stroke-madder"
        stroke-width="2"
      />
    </g>
  </svg>
  <div v-else class="grid aspect-square w-full place-items-center text-muted"><Spool :size="44" /></div>
</template>
