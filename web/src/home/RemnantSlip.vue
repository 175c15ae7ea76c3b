<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import { boundsOf } from '../drawing/paths'

/** Remnants in the stash, all drawn to one scale, with the finished edges and flaws they still have. */
const { remnants } = defineProps<{ remnants: Schemas['StashedRemnantView'][] }>()
const emit = defineEmits<{ throwAway: [id: string] }>()
/** The longest side of any of them is as long as the drawing, so that one scale does for all. */
const widest = computed(() =>
  Math.max(
    100,
    ...remnants.map((r) => boundsOf([r.outline])).flatMap((b) => [b.maxX - b.minX, b.maxY - b.minY]),
  ),
)
function frame(r: Schemas['StashedRemnantView']) {
  const b = boundsOf([r.outline])
  const side = widest.value
  return `${(b.minX + b.maxX - side) / 2 - 4} ${-(b.minY + b.maxY + side) / 2 - 4} ${side + 8} ${side + 8}`
}
</script>

<template>
  <section v-if="remnants.length" class="mt-8">
    <h2 class="mb-1 text-3xl">Remnants</h2>
    <p class="mb-4 text-muted">Cloth that lays left over, all drawn to one scale, the grain upright.</p>
    <ul class="grid grid-cols-2 gap-4 sm:grid-cols-3 lg:grid-cols-5">
      <li v-for="r in remnants" :key="r.id" class="slip p-3">
        <svg
          :viewBox="frame(r)"
          class="aspect-square w-full"
          role="img"
          :aria-label="`${r.cloth}, ${r.size}`"
        >
          <g transform="scale(1 -1)">
            <ClothLine :points="r.outline" class="fill-table stroke-ink" stroke-width="1.5" />
            <ClothLine
              v-for="(e, i) in r.edgeLines"
              :key="'e' + i"
              :points="e"
              open
              class="stroke-good"
              stroke-width="4"
            />
            <ClothLine
              v-for="(f, i) in r.flawOutlines"
              :key="'f' + i"
              :points="f"
              fill="none"
              class="stroke-madder"
              stroke-dasharray="4 3"
            />
          </g>
        </svg>
        <div class="flex items-start gap-2">
          <p class="grow">
            <b class="tabular-nums">{{ r.size || 'odd' }}</b>
            <span class="block text-sm text-muted">{{ r.cloth }}, from {{ r.from }}</span>
            <span v-if="r.edges.length" class="block text-sm text-good">{{ r.edges.join(', ') }}</span>
            <span v-if="r.flaws.length" class="block text-sm text-madder">{{ r.flaws.join(', ') }}</span>
          </p>
          <button
            class="act !px-2"
            :aria-label="`Throw the remnant ${r.size} away`"
            @click="emit('throwAway', r.id)"
          >
            <Trash2 :size="16" />
          </button>
        </div>
      </li>
    </ul>
  </section>
</template>
