<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take } from '../api/client'
import LaySketch from '../lay/LaySketch.vue'
import type { Found } from './useIdeas'

/** One thing that could be made: how it lies, what it takes and what it saves. */
const { found } = defineProps<{ found: Found; busy: boolean; isFor: boolean }>()
const emit = defineEmits<{ begin: [] }>()
const {
  data: laid,
  error,
  refetch,
} = useQuery(
  computed(() => ({
    queryKey: ['ideas', 'found', found.id, found.worth],
    queryFn: ({ signal }: { signal: AbortSignal }) =>
      take(api.GET('/api/ideas/found/{id}', { params: { path: { id: found.id } }, signal })),
    staleTime: Infinity,
    retry: false,
  })),
)
</script>

<template>
  <article class="slip grid w-full content-start gap-2 p-4">
    <h2 class="text-xl first-letter:uppercase">
      {{ found.words }}<template v-if="isFor"> for {{ found.wearer }}</template
      ><span class="block text-base text-muted">from: {{ found.from }}</span>
    </h2>
    <template v-if="laid">
      <div class="mx-auto w-full max-w-60">
        <LaySketch :lay="laid.lay" :name="`${found.words}, laid on: ${found.from}`" />
      </div>
      <p
        v-for="(s, i) in laid.sentences"
        :key="s"
        class="text-[15px]"
        :class="i === 0 && (laid.whole ? 'font-semibold text-good' : 'text-stale')"
      >
        {{ s }}
      </p>
      <button class="act mt-1" :class="{ 'act-main': laid.whole }" :disabled="busy" @click="emit('begin')">
        Begin with it
      </button>
    </template>
    <p v-else-if="error" class="text-stale">
      {{ error.message }} <button class="underline" @click="refetch()">Look again</button>
    </p>
    <p v-else class="text-[15px] text-muted">
      {{ found.whole ? 'All of it lies.' : 'Not all of it lies.' }}
      <span class="block">{{ found.sentence }}</span>
    </p>
  </article>
</template>
