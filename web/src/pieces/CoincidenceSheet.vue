<script setup lang="ts">
import { reactive, ref } from 'vue'
import { api, ProblemError, take, type Problem, type ProjectView, type Schemas } from '../api/client'
import MeasureField from '../ui/MeasureField.vue'

/** Two finished edges of one panel against the length that is wanted between them: luck is no rule. */
const { project } = defineProps<{ project: ProjectView }>()
const asked = reactive({ distance: '', need: '', longer: '1 cm', shorter: '5 mm' })
const found = ref<Schemas['CoincidenceView']>()
const problem = ref<Problem>()
const fields = [
  { id: 'distance', label: 'between the two finished edges' },
  { id: 'need', label: 'wanted finished length' },
  { id: 'longer', label: 'may be longer by' },
  { id: 'shorter', label: 'may be shorter by' },
] as const
async function ask() {
  problem.value = undefined
  if (!asked.distance || !asked.need) return
  try {
    found.value = await take(
      api.POST('/api/projects/{id}/coincidence', {
        params: { path: { id: project.id } },
        body: { ...asked },
      }),
    )
  } catch (e) {
    if (!(e instanceof ProblemError)) throw e
    problem.value = e.problem
    found.value = undefined
  }
}
const tone = { BOTH_KEPT: 'text-good', ONE_CUT: 'text-stale', TOO_SHORT: 'text-madder' } as const
</script>

<template>
  <details class="border-t border-line pt-2">
    <summary class="min-h-8 cursor-pointer text-lg">Two finished edges at once?</summary>
    <MeasureField
      v-for="f in fields"
      :key="f.id"
      :label="f.label"
      :value="asked[f.id]"
      :name="'coincidence.' + f.id"
      :problem="problem"
      @settle="(t) => ((asked[f.id] = t), ask())"
    />
    <p v-if="found" :class="tone[found.verdict]">{{ found.sentence }}</p>
  </details>
</template>
