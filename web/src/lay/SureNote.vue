<script setup lang="ts">
import type { Schemas } from '../api/client'

/** How far the lay may be trusted: panels are as large as their measures, give or take. */
defineProps<{ sureness: Schemas['SurenessView'] }>()
const emit = defineEmits<{ laySurely: [] }>()
const tone = { SURE: 'text-good', TIGHT: 'text-stale', DOES_NOT_FIT: 'text-madder' } as const
</script>

<template>
  <section v-if="sureness.verdict !== 'DOES_NOT_FIT'">
    <p :class="tone[sureness.verdict]">{{ sureness.sentences[0] }}</p>
    <template v-if="sureness.verdict === 'TIGHT'">
      <details>
        <summary class="min-h-8 cursor-pointer text-[15px]">
          {{ sureness.sentences.length === 2 ? 'One edge' : `${sureness.sentences.length - 1} edges` }}
        </summary>
        <ul class="columns-2 text-[15px]">
          <li v-for="s in sureness.sentences.slice(1)" :key="s" class="first-letter:uppercase">{{ s }}</li>
        </ul>
      </details>
      <button class="act mt-1" @click="emit('laySurely')">
        Lay it {{ sureness.tolerance }} off every edge
      </button>
    </template>
  </section>
</template>
