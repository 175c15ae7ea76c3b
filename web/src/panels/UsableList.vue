<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, take, type ProjectView } from '../api/client'
import { usePreview } from '../api/usePreview'
import MeasureField from '../ui/MeasureField.vue'
import { provideProblem } from '../ui/problem'

/** What a panel is good for, with strips of another width than a binding's, looked for when asked. */
const { project, panel } = defineProps<{ project: ProjectView; panel: ProjectView['panels'][number] }>()
const strip = ref('')
const { made, problem } = usePreview(
  () => ['usable', project.id, project.version, panel.id],
  () => strip.value || undefined,
  (width, signal) =>
    take(
      api.GET('/api/projects/{id}/panels/{panel}/usable', {
        params: { path: { id: project.id, panel: panel.id }, query: { width } },
        signal,
      }),
    ),
  { restMs: 0 },
)
provideProblem(problem)
const usable = computed(() => made.value ?? panel.usable)
</script>

<template>
  <dl class="grid grid-cols-[1fr_auto] gap-x-3 text-[15px]">
    <template v-for="u in usable" :key="u.what">
      <dt class="text-muted first-letter:uppercase">{{ u.what }}</dt>
      <dd class="text-right font-semibold">{{ u.value }}</dd>
    </template>
  </dl>
  <MeasureField
    label="strips of another width"
    :value="strip"
    name="width"
    @settle="(width) => (strip = width)"
  />
</template>
