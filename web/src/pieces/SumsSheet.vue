<script setup lang="ts">
import { usePreview } from '../api/usePreview'
import ComplaintNote from '../ui/ComplaintNote.vue'
import { provideProblem } from '../ui/problem'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import StripsSheet from './StripsSheet.vue'

/** Closures, strips and wedges, reckoned before anything is cut. */
const { project } = defineProps<{ project: ProjectView }>()
const { data } = useQuery({
  queryKey: ['sums'],
  queryFn: () => take(api.GET('/api/sums')),
  staleTime: Infinity,
})
const picked = ref<Schemas['SumView']['id']>('BUTTONS')
const sum = computed(() => data.value?.find((s) => s.id === picked.value))
const values = ref<Record<string, string>>({})
watch(sum, (now) => (values.value = Object.fromEntries((now?.fields ?? []).map((f) => [f.id, f.usual]))), {
  immediate: true,
})
const { made: result, problem } = usePreview(
  () => ['sum', picked.value],
  () => (sum.value ? { sum: picked.value, unit: project.unit, values: values.value } : undefined),
  (body, signal) => take(api.POST('/api/sums', { body, signal })),
  { restMs: 0 },
)
provideProblem(problem)
function settle(id: string, text: string) {
  values.value = { ...values.value, [id]: text }
}
</script>

<template>
  <div class="grid gap-3">
    <ChoiceField v-model="picked" label="Reckon" :choices="data ?? []" />
    <section v-if="result" aria-live="polite" class="grid gap-1 border-l-4 border-madder bg-table px-3 py-2">
      <p v-for="s in result.sentences" :key="s">{{ s }}</p>
      <svg
        v-if="result.lineMm > 0"
        viewBox="-10 0 320 44"
        class="w-full text-ink"
        role="img"
        :aria-label="'Marks at ' + result.marks.join(', ')"
      >
        <line x1="0" y1="14" x2="300" y2="14" stroke="currentColor" stroke-width="1" />
        <g
          v-for="(m, i) in result.marksMm"
          :key="i"
          :transform="`translate(${(m / result.lineMm) * 300} 14)`"
        >
          <line y1="-8" y2="8" stroke="currentColor" stroke-width="2" />
          <text y="24" text-anchor="middle" font-size="10" fill="currentColor">{{ i + 1 }}</text>
        </g>
      </svg>
      <ol v-if="result.marks.length" class="columns-2 text-[15px]">
        <li v-for="(m, i) in result.marks" :key="i">{{ i + 1 }}: {{ m }}</li>
      </ol>
    </section>
    <MeasureField
      v-for="f in sum?.fields ?? []"
      :key="f.id"
      :label="f.words"
      :value="values[f.id] ?? ''"
      :name="'sum.' + f.id"
      @settle="(text) => settle(f.id, text)"
    />
    <ComplaintNote />
    <StripsSheet :project="project" />
  </div>
</template>
