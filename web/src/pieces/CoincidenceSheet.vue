<script setup lang="ts">
import { usePreview } from '../api/usePreview'
import { provideProblem } from '../ui/problem'
import { reactive } from 'vue'
import { api, take, type ProjectView } from '../api/client'
import MeasureField from '../ui/MeasureField.vue'

/** Two finished edges of one panel against the length that is wanted between them: luck is no rule. */
const { project } = defineProps<{ project: ProjectView }>()
const asked = reactive({ distance: '', need: '', longer: '1 cm', shorter: '5 mm' })
const { made: found, problem } = usePreview(
  () => ['coincidence', project.id, project.version],
  () => (asked.distance && asked.need ? { ...asked } : undefined),
  (body, signal) =>
    take(api.POST('/api/projects/{id}/coincidence', { params: { path: { id: project.id } }, body, signal })),
  { restMs: 0 },
)
provideProblem(problem)
const fields = [
  { id: 'distance', label: 'between the two finished edges' },
  { id: 'need', label: 'wanted finished length' },
  { id: 'longer', label: 'may be longer by' },
  { id: 'shorter', label: 'may be shorter by' },
] as const
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
      @settle="(t) => (asked[f.id] = t)"
    />
    <p v-if="found" :class="tone[found.verdict]">{{ found.sentence }}</p>
  </details>
</template>
