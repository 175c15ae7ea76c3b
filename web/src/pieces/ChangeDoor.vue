<script setup lang="ts">
import { usePreview } from '../api/usePreview'
import { api, take } from '../api/client'
import { useHand } from '../project/hand'
import { whole, type Change } from './changes'

/** What a change would bring with it, told before it is done. */
const { change: wanted } = defineProps<{ change: Change }>()
const emit = defineEmits<{ done: [] }>()
const { change, busy, project } = useHand()
const { made: told, problem } = usePreview(
  () => ['change', project.value?.id, project.value?.version],
  () => whole(wanted),
  (body, signal) =>
    take(
      api.POST('/api/projects/{id}/pattern/changes/preview', {
        params: { path: { id: project.value?.id ?? '' } },
        body,
        signal,
      }),
    ),
  { restMs: 0 },
)
async function accept() {
  const done = await change((params) =>
    api.POST('/api/projects/{id}/pattern/changes', { params, body: whole(wanted) }),
  )
  if (done) emit('done')
}
/** Not now: written into the log, and offered here next time. */
async function later() {
  const noted = await change((params) =>
    api.POST('/api/projects/{id}/pattern/lessons', { params, body: whole(wanted) }),
  )
  if (noted) emit('done')
}
</script>

<template>
  <p v-if="problem" class="text-madder" role="alert">{{ problem.detail }}</p>
  <section
    v-if="told && !problem"
    class="grid gap-1 bg-table p-3"
    aria-live="polite"
    aria-label="What follows"
  >
    <b class="first-letter:uppercase">{{ told.words }}</b>
    <ul class="text-[15px]">
      <li v-for="s in told.sentences" :key="s">{{ s }}</li>
    </ul>
    <div class="mt-1 flex flex-wrap gap-2">
      <button type="button" class="act act-main" :disabled="busy" @click="accept">Do it</button>
      <button type="button" class="act" :disabled="busy" @click="later">Note it for next time</button>
      <button type="button" class="act" @click="emit('done')">Leave it</button>
    </div>
  </section>
</template>
