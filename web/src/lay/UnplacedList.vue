<script setup lang="ts">
import { Lightbulb } from '@lucide/vue'
import { computed } from 'vue'
import type { Schemas } from '../api/client'

/** Copies that have no place, each with its tightest reason; what would help is asked once for all copies of a piece. */
const { unplaced } = defineProps<{ unplaced: Schemas['UnplacedView'][]; canAsk: boolean }>()
const emit = defineEmits<{ help: [piece: string] }>()
const isFirst = computed(() => unplaced.map((u, i) => unplaced.findIndex((o) => o.piece === u.piece) === i))
</script>

<template>
  <section>
    <h3 class="text-lg">Without a place</h3>
    <ul>
      <li v-for="(u, i) in unplaced" :key="u.piece + u.copy" class="border-t border-line py-1.5">
        <b class="first-letter:uppercase">{{ u.name }} {{ u.copy + 1 }}</b
        >: {{ u.reason }}
        <button
          v-if="isFirst[i]"
          class="act mt-1 flex"
          :disabled="!canAsk"
          :aria-label="`What would help the ${u.name}?`"
          @click="emit('help', u.piece)"
        >
          <Lightbulb :size="18" /> What would help?
        </button>
      </li>
    </ul>
  </section>
</template>
