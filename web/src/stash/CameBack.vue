<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, take } from '../api/client'
import { useAttempt } from '../api/useAttempt'

/** What came back of a project once its cloth was cut, and where it lies: asked once for all of it. */
const { project, version } = defineProps<{ project: string; version: number }>()
const queries = useQueryClient()
const { problem, busy, attempt } = useAttempt()
const { data: things } = useQuery(
  computed(() => ({
    queryKey: ['stash', 'from', project, version],
    queryFn: () => take(api.GET('/api/stash/from/{project}', { params: { path: { project } } })),
  })),
)
const homeless = computed(() => things.value?.filter((t) => !t.place).length ?? 0)
const place = ref('')
async function settle() {
  const done = await attempt(() =>
    take(
      api.PUT('/api/stash/from/{project}/place', {
        params: { path: { project } },
        body: { place: place.value },
      }),
    ),
  )
  if (done) await queries.invalidateQueries({ queryKey: ['stash'] })
}
</script>

<template>
  <section v-if="things?.length" class="slip grid gap-2 p-3" aria-label="What came back">
    <p>
      {{
        things.length === 1 ? 'One thing of this project lies' : `${things.length} things of this project lie`
      }}
      in the <RouterLink to="/stash" class="underline">stash</RouterLink> now:
      {{ things.map((t) => t.code).join(', ') }}.
    </p>
    <form v-if="homeless" class="flex flex-wrap items-end gap-2" @submit.prevent="settle">
      <label class="grow text-sm text-muted"
        >Where do they lie?
        <input v-model="place" class="field" maxlength="80" placeholder="box, bag, shelf" />
      </label>
      <button class="act" :disabled="busy || !place.trim()">They lie there</button>
    </form>
    <p v-if="problem" class="text-madder" role="alert">{{ problem.detail }}</p>
  </section>
</template>
