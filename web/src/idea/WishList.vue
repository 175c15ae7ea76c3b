<script setup lang="ts">
import { X } from '@lucide/vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { api, take } from '../api/client'

/** What somebody would like to have, kept until the cloth for it comes along. */
const { draft, wearer, attempt } = defineProps<{
  draft: string
  wearer: string
  busy: boolean
  attempt: <T>(call: () => Promise<T>) => Promise<T | undefined>
}>()
const emit = defineEmits<{ pick: [draft: string, wearer: string] }>()
const queries = useQueryClient()
const key = ['wishes']
const { data: wishes } = useQuery({ queryKey: key, queryFn: () => take(api.GET('/api/ideas/wishes')) })
async function keep() {
  const all = await attempt(() => take(api.POST('/api/ideas/wishes', { body: { draft, wearer } })))
  if (all) queries.setQueryData(key, all)
}
async function drop(id: string) {
  const all = await attempt(() => take(api.DELETE('/api/ideas/wishes/{id}', { params: { path: { id } } })))
  if (all) queries.setQueryData(key, all)
}
</script>

<template>
  <section class="mb-6 flex flex-wrap items-center gap-2" aria-label="Wishes">
    <span class="text-muted">{{ wishes?.length ? 'Wished for:' : 'No wish is kept yet.' }}</span>
    <span v-for="w in wishes" :key="w.id" class="slip inline-flex items-center">
      <button class="px-3 hover:underline" @click="emit('pick', w.draft, w.wearer)">
        {{ w.words }} for {{ w.wearer }}
      </button>
      <button class="px-2" :aria-label="`Let go of ${w.words} for ${w.wearer}`" @click="drop(w.id)">
        <X :size="16" />
      </button>
    </span>
    <button v-if="draft && wearer" class="act" :disabled="busy" @click="keep">Keep this as a wish</button>
  </section>
</template>
