<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { ref } from 'vue'
import { api, type ProjectView } from '../api/client'
import { sending } from '../api/useAttempt'
import { useHand } from '../project/hand'
import RefusalNote from '../project/RefusalNote.vue'

defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const text = ref('')
const add = () =>
  sending(text, (note) =>
    change((params) => api.POST('/api/projects/{id}/notes', { params, body: { text: note } })),
  )
const remove = (index: number) =>
  change(({ path, query }) =>
    api.DELETE('/api/projects/{id}/notes/{index}', { params: { path: { ...path, index }, query } }),
  )
const when = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <section class="mx-auto w-full max-w-3xl lg:overflow-y-auto">
    <RefusalNote />
    <h2 class="text-2xl">Log</h2>
    <p class="mb-3 text-muted">
      What really happened: allowances sewn, tensions that worked, what to do otherwise next time.
    </p>
    <form class="slip mb-4 grid gap-3 p-4" @submit.prevent="add">
      <label>
        <span class="text-sm text-muted">A note</span>
        <textarea v-model="text" rows="3" maxlength="4000" class="field resize-y" />
      </label>
      <ComplaintNote :of="['log.text']" />
      <button class="act act-main justify-self-start" :disabled="busy || !text.trim()">Write it down</button>
    </form>
    <p v-if="project.log.length === 0" class="slip p-4 text-muted">
      Nothing is written yet. The first note could say where the source came from and what you noticed about
      its cloth.
    </p>
    <ol class="grid gap-3">
      <li v-for="(n, i) in project.log" :key="n.at + i" class="slip p-4">
        <p class="text-sm text-muted">{{ when(n.at) }}</p>
        <p class="my-1 text-lg whitespace-pre-line">{{ n.text }}</p>
        <button class="text-sm text-muted underline" :disabled="busy" @click="remove(i)">
          Take this note out
        </button>
      </li>
    </ol>
  </section>
</template>
