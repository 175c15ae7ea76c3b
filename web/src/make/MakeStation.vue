<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import RefusalNote from '../project/RefusalNote.vue'
import CameBack from '../stash/CameBack.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import ShoppingList from './ShoppingList.vue'

const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const took = ref<Record<string, string>>({})
const next = computed(() => project.steps.find((s) => !s.done)?.step.id)
const left = computed(() => project.steps.filter((s) => !s.done).reduce((sum, s) => sum + s.step.minutes, 0))
const isStale = computed(() => project.stations.some((s) => s.stand === 'STALE'))
const titles = computed(() => new Map(project.steps.map((s) => [s.step.id, s.step.title])))
const reasons: Record<Schemas['Need']['reason'], string> = {
  MATERIAL: 'the cloth is needed first',
  MEASURE: 'a measure must be settled first',
  ACCESS: 'it could not be reached later',
  FLAT: 'it is done while things lie flat',
  MARK: 'the mark is needed or would be lost',
  RISK: 'it cannot be undone',
  PROTECTION: 'the edge must be safe first',
  LAUNDERING: 'cloth shrinks now, not later',
  SHAPE: 'the shape must be set first',
}
function check(step: Schemas['StepView'], done: boolean) {
  const typed = Number((took.value[step.step.id] ?? '').replace(',', '.'))
  const minutes = done && typed > 0 ? typed : undefined
  return change(({ path, query }) =>
    api.PUT('/api/projects/{id}/steps/{step}', {
      params: { path: { ...path, step: step.step.id }, query },
      body: { done, minutes: minutes as number },
    }),
  )
}
function why(step: Schemas['Step']) {
  const need = step.needs[0]
  return need ? `after “${titles.value.get(need.step) ?? need.step}”: ${reasons[need.reason]}` : ''
}
const hours = (m: number) =>
  m < 60 ? `${Math.round(m)} min` : `${Math.floor(m / 60)} h ${Math.round(m % 60)} min`
</script>

<template>
  <section class="mx-auto w-full max-w-3xl lg:overflow-y-auto">
    <RefusalNote />
    <h2 class="text-2xl">Make</h2>
    <EmptyTable
      v-if="project.steps.length === 0"
      class="mt-4"
      text="The order of work follows from source and pieces. Settle those first."
    />
    <template v-else>
      <p class="mb-3 text-muted">
        About {{ hours(left) }} of work left. Minutes are guesses until yours replace them.
      </p>
      <p v-if="isStale" class="slip mb-3 border-l-4 border-l-stale p-3 text-stale" role="status">
        Something upstream changed since: see the loose loops on the thread. Do not cut before that is redone.
      </p>
      <CameBack
        v-if="project.steps.some((s) => s.step.id === 'cut' && s.done)"
        class="mb-3"
        :project="project.id"
        :version="project.version"
      />
      <ShoppingList class="mb-3" :project="project" />
      <ol class="grid gap-2">
        <li
          v-for="(s, i) in project.steps"
          :key="s.step.id"
          class="slip grid grid-cols-[auto_1fr_auto] gap-x-4 p-3"
          :class="[s.step.gate ? 'border-2 !border-madder' : '', s.step.id === next ? 'ring-2 ring-ink' : '']"
        >
          <input
            type="checkbox"
            class="mt-1 size-6 accent-madder"
            :checked="s.done"
            :disabled="busy"
            :aria-label="`Step ${i + 1}: ${s.step.title}`"
            @change="(e) => check(s, (e.target as HTMLInputElement).checked)"
          />
          <div>
            <p class="font-serif text-lg leading-snug" :class="{ 'line-through': s.done }">
              {{ i + 1 }}. {{ s.step.title }}
              <span
                v-if="s.step.gate"
                class="ml-2 rounded-full border border-madder px-2 align-middle font-sans text-sm text-madder"
                >stop and check</span
              >
            </p>
            <p v-if="s.step.how">{{ s.step.how }}</p>
            <ul v-if="s.step.checks.length" class="mt-1 list-disc pl-5">
              <li v-for="c in s.step.checks" :key="c">{{ c }}</li>
            </ul>
            <p v-if="s.step.caution && !s.done" class="mt-1 text-sm text-stale">{{ s.step.caution }}</p>
            <p v-if="why(s.step)" class="text-sm text-muted">{{ why(s.step) }}</p>
          </div>
          <label class="text-right text-sm text-muted">
            <span class="block">{{
              s.tookMinutes
                ? `took ${s.tookMinutes} min`
                : `about ${Math.max(1, Math.round(s.step.minutes))} min`
            }}</span>
            <input
              v-if="s.step.id === next"
              v-model="took[s.step.id]"
              class="field !w-24 text-right"
              inputmode="decimal"
              placeholder="took, min"
              :aria-label="`Minutes that step ${i + 1} took`"
            />
          </label>
        </li>
      </ol>
    </template>
  </section>
</template>
