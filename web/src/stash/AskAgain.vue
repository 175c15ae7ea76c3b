<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, take } from '../api/client'
import { useAttempt } from '../api/useAttempt'

/** What a project that was taken back let go of: it may ask for all of it again. */
const { project, name } = defineProps<{ project: string; name: string }>()
const queries = useQueryClient()
const { problem, busy, attempt } = useAttempt()
const { data: held } = useQuery({
  queryKey: ['stash', 'held', project],
  queryFn: () => take(api.GET('/api/stash/held/{project}', { params: { path: { project } } })),
})
const wishes = computed(() => held.value?.filter((h) => h.hold === 'WISHED') ?? [])
const refused = ref<string[]>([])
async function ask() {
  const came = await attempt(() =>
    take(api.POST('/api/stash/held/{project}/again', { params: { path: { project } } })),
  )
  if (!came) return
  refused.value = came.refused
  await queries.invalidateQueries({ queryKey: ['stash'] })
}
</script>

<template>
  <div v-if="wishes.length" class="slip mb-3 grid gap-2 p-3" role="status">
    <p>
      “{{ name }}” let go of things in the stash when it was thrown away:
      {{ wishes.map((w) => `${w.code} ${w.name}`).join(', ') }}.
    </p>
    <p v-for="r in refused" :key="r" class="text-stale">{{ r }}</p>
    <p v-if="problem" class="text-madder" role="alert">{{ problem.detail }}</p>
    <button class="act justify-self-start" :disabled="busy" @click="ask">Reserve them again</button>
  </div>
</template>
