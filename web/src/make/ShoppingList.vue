<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'
import ProblemNote from '../ui/ProblemNote.vue'

/** What the project takes beside the cloth on its table: what is missing first, then what is at hand and where it lies. */
const { project } = defineProps<{ project: ProjectView }>()
const queries = useQueryClient()
const { problem, busy, attempt } = useAttempt()
const key = computed(() => ['stash', 'shopping', project.id, project.version])
const { data: list } = useQuery({
  queryKey: key,
  queryFn: ({ signal }) =>
    take(api.GET('/api/projects/{id}/shopping', { params: { path: { id: project.id } }, signal })),
})
async function reserve() {
  const params = { path: { id: project.id } }
  const now = await attempt(() => take(api.POST('/api/projects/{id}/shopping/reserve', { params })))
  if (!now) return
  await queries.invalidateQueries({ queryKey: ['stash'] })
  queries.setQueryData(key.value, now)
}
type Line = Schemas['ItemView']
const missing = computed(() => list.value?.items.filter((i) => !i.there) ?? [])
const there = computed(() => list.value?.items.filter((i) => i.there) ?? [])
const named = (at: Schemas['AtHandView']) =>
  `${at.counts ? '' : 'perhaps '}${at.name}${at.where ? ` (${at.where})` : ''}`
const title = (line: Line, amount: string) => (amount ? `${line.what}, ${amount}` : line.what)
</script>

<template>
  <details v-if="list?.items.length" class="slip p-3" :open="missing.length > 0">
    <summary class="min-h-8 cursor-pointer font-serif text-lg">
      {{ missing.length ? `To find or buy (${String(missing.length)})` : 'Everything it takes is at hand' }}
    </summary>
    <ul class="grid gap-x-6 sm:grid-cols-2">
      <li v-for="i in missing" :key="i.sort + i.what + i.use" class="border-t border-line py-1">
        <b class="first-letter:uppercase">{{ title(i, i.lacks) }}</b>
        <span class="block text-sm text-muted">{{ [i.use, i.size].filter(Boolean).join('; ') }}</span>
        <span v-if="i.atHand.length" class="block text-sm">{{ i.atHand.map(named).join(', ') }}</span>
      </li>
      <li v-for="i in there" :key="i.sort + i.what + i.use" class="border-t border-line py-1">
        {{ title(i, i.needs) }}
        <span class="block text-sm text-good">at hand: {{ i.atHand.map(named).join(', ') }}</span>
      </li>
    </ul>
    <button v-if="list.unreserved" class="act mt-2" :disabled="busy" @click="reserve">
      Reserve what is at hand
    </button>
    <ProblemNote :problem="problem" @close="problem = undefined" />
    <p class="mt-2 text-sm">
      <a class="underline" :href="`/api/projects/${project.id}/sheets/shopping.pdf`" download>On paper</a>;
      what you put into <RouterLink class="underline" to="/stash">the stash</RouterLink> is bought no more.
    </p>
  </details>
</template>
