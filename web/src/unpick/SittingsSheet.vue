<script setup lang="ts">
import { Check, Play, Square } from '@lucide/vue'
import { useQuery } from '@tanstack/vue-query'
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, take, type ProjectView } from '../api/client'
import { useHand } from '../project/hand'
import { minutes, verb } from './decisions'

/** The joins in the order they are opened, in sittings; a timer whose minutes become the household's own rates. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const long = ref(30)
const query = useQuery(
  computed(() => ({
    queryKey: ['projects', project.id, 'sittings', project.version, long.value],
    queryFn: () =>
      take(
        api.GET('/api/projects/{id}/sittings', {
          params: { path: { id: project.id }, query: { minutes: long.value } },
        }),
      ),
    placeholderData: (before: unknown) => before as never,
  })),
)
const timed = ref<{ join: string; since: number }>()
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)
const gone = computed(() => (timed.value ? Math.max(0, now.value - timed.value.since) / 60_000 : 0))
const clock = computed(() => {
  const s = Math.floor(gone.value * 60)
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`
})
async function done(join: string, isDone: boolean, took?: number) {
  timed.value = undefined
  await change(({ path, query: at }) =>
    api.PUT('/api/projects/{id}/steps/{step}', {
      params: { path: { ...path, step: 'open-' + join }, query: at },
      body: { done: isDone, ...(took === undefined ? {} : { minutes: Math.round(took * 10) / 10 }) } as never,
    }),
  )
}
const hasSteps = computed(() => project.steps.length > 0)
</script>

<template>
  <div class="grid gap-3">
    <label class="flex items-baseline gap-2 text-[15px]"
      >A sitting lasts
      <select v-model.number="long" class="field !w-28">
        <option v-for="m in [15, 20, 30, 45, 60, 90]" :key="m" :value="m">{{ m }} min</option>
      </select>
    </label>
    <p v-if="!query.data.value?.length" class="text-muted">No join is opened yet.</p>
    <section v-for="(s, i) in query.data.value ?? []" :key="i" class="border-t border-line pt-2">
      <h3 class="flex text-lg">
        <span class="grow">Sitting {{ i + 1 }}</span
        >{{ minutes(s.minutes) }}
      </h3>
      <ol>
        <li v-for="j in s.joins" :key="j.id" class="flex items-center gap-2 py-1">
          <span class="grow first-letter:uppercase" :class="{ 'text-muted line-through': j.done }"
            >{{ verb(j) }}: {{ j.name }}</span
          >
          <span class="text-sm whitespace-nowrap text-muted">{{
            timed?.join === j.id ? clock : minutes(j.minutes)
          }}</span>
          <button
            v-if="!j.done && timed?.join !== j.id"
            class="act !px-2"
            :disabled="busy || !hasSteps"
            :aria-label="`Start the clock: ${j.name}`"
            title="Start the clock"
            @click="timed = { join: j.id, since: Date.now() }"
          >
            <Play :size="16" />
          </button>
          <button
            v-else-if="timed?.join === j.id"
            class="act act-main !px-2"
            :aria-label="`Done, stop the clock: ${j.name}`"
            title="Done, stop the clock"
            @click="done(j.id, true, gone)"
          >
            <Square :size="16" />
          </button>
          <button
            class="act !px-2"
            :disabled="busy || !hasSteps"
            :aria-label="j.done ? `Not done yet: ${j.name}` : `Done: ${j.name}`"
            :aria-pressed="j.done"
            @click="done(j.id, !j.done)"
          >
            <Check :size="16" />
          </button>
        </li>
      </ol>
      <p class="text-sm text-muted">{{ s.safeEnd }}</p>
    </section>
    <p v-if="!hasSteps" class="text-sm text-muted">Settle the aim and the pieces to check joins off.</p>
    <p v-if="project.takeApart?.ownRates.length" class="text-sm">
      Your own rates: {{ project.takeApart.ownRates.join('; ') }}.
    </p>
    <p class="text-sm text-muted">
      Change posture, rest your eyes: dark thread in poor light is how cloth gets cut.
    </p>
  </div>
</template>
