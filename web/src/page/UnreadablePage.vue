<script setup lang="ts">
import { useAttempt } from '../api/useAttempt'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take, type Problem } from '../api/client'
import { projectKeys } from '../project/useProject'

/** A project that cannot be shown as it is: its earlier states and its file are offered, never only the way back. */
const { id, problem } = defineProps<{ id: string; problem: Problem }>()
const queries = useQueryClient()
const { data: states } = useQuery(() => ({
  queryKey: [...projectKeys.one(id), 'states'],
  queryFn: ({ signal }) =>
    take(api.GET('/api/projects/{id}/states', { params: { path: { id } }, signal })).catch(() => []),
}))
const { problem: refused, attempt } = useAttempt()
const before = computed(() => states.value?.find((s) => !s.current && !s.trouble))
const when = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
async function goTo(seq: number) {
  const view = await attempt(() =>
    take(api.POST('/api/projects/{id}/states/{seq}', { params: { path: { id, seq } } })),
  )
  if (view) queries.setQueryData(projectKeys.one(id), view)
}
</script>

<template>
  <main class="grid min-h-screen place-items-center p-6">
    <div class="slip max-w-xl p-6">
      <div role="alert">
        <h1 class="text-2xl">{{ problem.title }}</h1>
        <p class="my-3">{{ problem.detail }}</p>
      </div>
      <p v-if="refused" class="my-3 text-madder" role="alert">{{ refused.detail }}</p>
      <div class="flex flex-wrap gap-2">
        <button v-if="before" class="act act-main" @click="goTo(before.seq)">
          Undo: back to “{{ before.what }}”
        </button>
        <a
          v-if="states?.length"
          class="act"
          :href="`/api/projects/${id}/file`"
          :download="`${id}.project.json`"
          >Keep its file</a
        >
        <RouterLink to="/" class="act">Back to the household</RouterLink>
      </div>
      <template v-if="states?.length">
        <h2 class="mt-5 text-lg">Earlier states</h2>
        <ol class="divide-y divide-line">
          <li v-for="s in states" :key="s.seq" class="flex items-center gap-3 py-1">
            <span class="grow"
              ><span class="inline-block first-letter:uppercase">{{ s.what }}</span
              ><span class="block text-sm text-muted"
                >{{ when(s.at) }}{{ s.trouble && `: ${s.trouble}` }}</span
              ></span
            >
            <button v-if="!s.trouble && !s.current" class="act shrink-0" @click="goTo(s.seq)">
              Go back to it
            </button>
          </li>
        </ol>
      </template>
    </div>
  </main>
</template>
