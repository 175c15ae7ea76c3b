<script setup lang="ts">
import { usePreview } from '../api/usePreview'
import ComplaintNote from '../ui/ComplaintNote.vue'
import { provideProblem } from '../ui/problem'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import { useHand } from '../project/hand'
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
/** What the project knows is filled in: the body that must pass, and the ring that was drafted. */
const known = computed<Record<string, string>>(() => {
  const hip = project.aim.measures.find((m) => m.id === 'HIP')?.text
  const waist = project.pieces?.sizes.find((s) => s.what.startsWith('waist'))?.finished
  return picked.value === 'ZIP' ? { ...(hip && { passes: hip }), ...(waist && { ring: waist }) } : {}
})
watch(
  sum,
  (now) =>
    (values.value = {
      ...Object.fromEntries((now?.fields ?? []).map((f) => [f.id, f.usual])),
      ...known.value,
    }),
  { immediate: true },
)
const { made: result, problem } = usePreview(
  () => ['sum', picked.value],
  () => (sum.value ? { sum: picked.value, unit: project.unit, values: values.value } : undefined),
  (body, signal) => take(api.POST('/api/sums', { body, signal })),
  { restMs: 0 },
)
/** What the result is put on, and what it is called there. */
const place = ref({ piece: '', edge: '', holes: 'yes', name: '' })
const { change, busy, problem: refused } = useHand()
provideProblem(computed(() => problem.value ?? refused.value))
const pieces = computed(() => project.pieces?.pieces ?? [])
const edges = computed(() => pieces.value.find((p) => p.id === place.value.piece)?.allowances ?? [])
const puts = computed(() => Boolean(result.value?.gives) && project.aim.cutOut && pieces.value.length > 0)
/** The edge is as long as it is: its figure is not asked for. */
watch(
  () => edges.value.find((e) => e.edge === place.value.edge)?.length,
  (length) => length && settle('length', length),
)
const put = () =>
  change((params) =>
    api.POST('/api/projects/{id}/sums/put', {
      params,
      body: {
        sum: picked.value,
        unit: project.unit,
        values: {
          ...values.value,
          onPiece: place.value.piece,
          onEdge: place.value.edge,
          holes: place.value.holes,
          name: place.value.name,
        },
      },
    }),
  )
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
    <section v-if="puts" class="grid gap-2 border-t border-line pt-2">
      <h3 class="text-lg">Put it into the pattern</h3>
      <template v-if="picked === 'BUTTONS'">
        <ChoiceField
          v-model="place.piece"
          label="On the piece"
          empty="choose …"
          :choices="pieces.map((p) => ({ id: p.id, words: p.name }))"
          @change="place.edge = ''"
        />
        <ChoiceField
          v-model="place.edge"
          label="Along its edge"
          empty="choose …"
          :choices="edges.map((e) => ({ id: e.edge, words: `${e.edge.replaceAll('-', ' ')}, ${e.length}` }))"
        />
        <ChoiceField
          v-model="place.holes"
          label="What is marked"
          :choices="[
            { id: 'yes', words: 'buttonholes' },
            { id: 'no', words: 'places of the buttons' },
          ]"
        />
      </template>
      <PlainField v-model="place.name" label="Call it" name="change.name" />
      <button class="act" :disabled="busy || (picked === 'BUTTONS' && !place.edge)" @click="put">
        Put it into the pattern
      </button>
      <p class="text-sm text-muted">
        It stands under Changes, where it can be taken back; what must be bought for it is on the list at
        Make.
      </p>
    </section>
    <StripsSheet :project="project" />
  </div>
</template>
