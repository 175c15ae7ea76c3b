<script setup lang="ts">
import { provideProblem } from '../ui/problem'
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, ProblemError, take, type Problem, type Schemas } from '../api/client'
import MeasureField from '../ui/MeasureField.vue'

/** Figures of common practice that this household goes by, each with the one that is shipped beside it. */
type Figure = Schemas['PracticeFigureView']
const queries = useQueryClient()
const problem = ref<Problem>()
provideProblem(problem)
const { data: figures } = useQuery({ queryKey: ['practice'], queryFn: () => take(api.GET('/api/practice')) })
const { mutate } = useMutation({
  mutationFn: (set: Record<string, string>) => take(api.PUT('/api/practice', { body: { figures: set } })),
  onMutate: () => (problem.value = undefined),
  onSuccess: (now) => {
    queries.setQueryData(['practice'], now)
    void queries.invalidateQueries({ queryKey: ['projects'] })
  },
  onError: (e) => {
    if (!(e instanceof ProblemError)) throw e
    problem.value = e.problem
  },
})
const groups = computed(() => {
  const all = new Map<string, Figure[]>()
  for (const f of figures.value ?? []) all.set(f.groupWords, [...(all.get(f.groupWords) ?? []), f])
  return [...all].map(([words, of]) => ({ words, of }))
})
const isElsewhere = computed(
  () => !figures.value?.some((f) => problem.value?.field === `practice.${f.figure}`),
)
const hint = (f: Figure) => [f.own ? `shipped: ${f.shipped}` : '', f.why].filter(Boolean).join(' · ')
</script>

<template>
  <section v-if="figures" class="mt-8">
    <h2 class="mb-1 text-3xl">Figures we go by</h2>
    <p class="mb-3 text-muted">
      Common practice, yours to change. New projects go by them; one that was begun before says at Aim where
      it differs.
    </p>
    <p v-if="problem && isElsewhere" class="mb-3 text-madder" role="alert">{{ problem.detail }}</p>
    <div class="slip grid gap-x-10 gap-y-4 p-4 md:grid-cols-2">
      <div v-for="g in groups" :key="g.words">
        <h3 class="mb-1 text-lg first-letter:uppercase">{{ g.words }}</h3>
        <div v-for="f in g.of" :key="f.figure" class="py-1">
          <MeasureField
            :label="f.words"
            :value="f.text"
            :name="`practice.${f.figure}`"
            :hint="hint(f)"
            @settle="(text) => mutate({ [f.figure]: text })"
          />
          <button
            v-if="f.own"
            type="button"
            class="act !min-h-0 !px-2 text-sm"
            :aria-label="`${f.words}: back to ${f.shipped}`"
            @click="mutate({ [f.figure]: '' })"
          >
            Back to {{ f.shipped }}
          </button>
        </div>
      </div>
    </div>
  </section>
</template>
