<script setup lang="ts">
import LaySketch from '../lay/LaySketch.vue'
import type { Card } from './useIdeas'

/** One thing that could be made: how it lies, what it takes and what it saves. */
defineProps<{ card: Card; isLaying: boolean; busy: boolean; isNamed: boolean }>()
const emit = defineEmits<{ begin: [] }>()
</script>

<template>
  <article class="slip grid w-full content-start gap-2 p-4" :class="{ 'outline-2 outline-madder': isLaying }">
    <h2 class="text-xl first-letter:uppercase">
      {{ card.idea.words
      }}<span v-if="isNamed" class="block text-base text-muted">from the {{ card.idea.sourceName }}</span>
    </h2>
    <template v-if="card.laid">
      <div class="mx-auto w-full max-w-60">
        <LaySketch :lay="card.laid.lay" :name="`${card.idea.words}, laid on the ${card.idea.sourceName}`" />
      </div>
      <p
        v-for="(s, i) in card.laid.sentences"
        :key="s"
        class="text-[15px]"
        :class="i === 0 && (card.laid.whole ? 'text-good font-semibold' : 'text-stale')"
      >
        {{ s }}
      </p>
      <button
        class="act mt-1"
        :class="{ 'act-main': card.laid.whole }"
        :disabled="busy"
        @click="emit('begin')"
      >
        Begin with it
      </button>
    </template>
    <p v-else-if="card.why" class="text-stale">{{ card.why }}</p>
    <p v-else class="text-[15px] text-muted">
      {{
        isLaying
          ? 'Being laid …'
          : card.idea.chance === 'TIGHT'
            ? 'Tight; not laid yet.'
            : 'Cloth enough by the figures; not laid yet.'
      }}
      <span class="block">{{ card.idea.sentence }}</span>
    </p>
  </article>
</template>
