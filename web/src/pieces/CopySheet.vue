<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'

/** A part of a garment that fits, copied as a piece: aligned at a seam, allowance and trueing margin outside. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const queries = useQueryClient()
const { data: stash } = useQuery({
  queryKey: ['stash', 'sources'],
  queryFn: () =>
    take(api.POST('/api/stash/search', { body: { from: 0, kind: 'SOURCE' } })).then((s) => s.things),
})
const garment = ref('')
const { data: parts } = useQuery(
  computed(() => ({
    queryKey: ['stash', garment.value, 'parts'],
    enabled: garment.value !== '',
    queryFn: () => take(api.GET('/api/stash/{id}/parts', { params: { path: { id: garment.value } } })),
  })),
)
const form = reactive({
  part: '',
  name: '',
  anchor: '',
  place: 'END' as 'START' | 'MIDDLE' | 'END',
  garmentStretch: '',
  ownStretch: '',
  allowance: '1 cm',
  trueing: '1 cm',
  length: '',
  quantity: 1,
  pair: false,
  onto: '',
  ontoEdge: '',
})
const places = [
  { id: 'START', words: 'its start' },
  { id: 'MIDDLE', words: 'its middle' },
  { id: 'END', words: 'its end' },
] as const
const garments = computed(() => [
  { id: '', words: 'choose one from the stash' },
  ...(stash.value ?? []).map((s) => ({ id: s.id, words: `${s.name} (${s.kindWords})` })),
])
const part = computed(() => parts.value?.find((p) => p.id === form.part))
const partChoices = computed(() => (parts.value ?? []).map((p) => ({ id: p.id, words: p.name })))
const anchors = computed(() =>
  (part.value?.edges ?? []).map((e) => ({ id: e, words: e.replaceAll('-', ' ') })),
)
const panelEdges = computed(() =>
  (project.panels.find((p) => p.id === form.onto)?.edges ?? [])
    .filter((e) => e.name !== 'hem')
    .map((e) => ({ id: e.name, words: e.name.replaceAll('-', ' ') })),
)
/** Of the panel's edges the one that is called most like the anchor. */
function nearestEdge() {
  const names = panelEdges.value.map((e) => e.id)
  form.ontoEdge =
    names.find((n) => n === form.anchor) ??
    names.find((n) => n.startsWith(form.anchor.split('-')[0] ?? '')) ??
    names[0] ??
    ''
}
const panels = computed(() => [
  { id: '', words: 'wherever the lay finds room' },
  ...project.panels.map((p) => ({ id: p.id, words: p.name })),
])
watch(parts, () => {
  form.part = parts.value?.[0]?.id ?? ''
})
watch(part, (p) => {
  form.name = p?.name ?? ''
  form.anchor = p?.edges.find((e) => /side|armhole|centre/.test(e)) ?? p?.edges[0] ?? ''
})
const fields = [
  { id: 'allowance', label: 'allowance', name: 'copy.allowance' },
  { id: 'trueing', label: 'margin to true it by', name: 'copy.trueing', hint: 'trimmed after the try-on' },
  {
    id: 'garmentStretch',
    label: 'the garment gives in wear, %',
    name: 'copy.garmentStretch',
    hint: 'empty: 60 % of its stretch test',
  },
  {
    id: 'ownStretch',
    label: 'this cloth gives in wear, %',
    name: 'copy.ownStretch',
    hint: 'empty: 60 % of its stretch test',
  },
  {
    id: 'length',
    label: 'length, off another garment',
    name: 'copy.length',
    hint: 'empty: as long as this one',
  },
] as const
const seen = ref<Schemas['CopyView']>()
const body = () => ({ ...form, marks: [] }) as unknown as Schemas['CopyRequest']
/** What it would be, before it is put on the table. */
async function look() {
  seen.value = undefined
  await change(() =>
    api
      .POST('/api/stash/{id}/copy-to/{project}/preview', {
        params: { path: { id: garment.value, project: project.id } },
        body: body(),
      })
      .then((answer) => {
        if (answer.data) seen.value = answer.data
        return answer.data ? { ...answer, data: project } : (answer as never)
      }),
  )
}
async function copy() {
  const done = await change(({ query }) =>
    api.POST('/api/stash/{id}/copy-to/{project}', {
      params: { path: { id: garment.value, project: project.id }, query },
      body: body(),
    }),
  )
  if (done) {
    seen.value = undefined
    await queries.invalidateQueries({ queryKey: ['stash'] })
  }
}
</script>

<template>
  <form class="grid gap-2" @submit.prevent="look">
    <p class="text-[15px] text-muted">
      A part of a garment that fits becomes a piece. Both are laid on each other at a seam, never at the hem.
    </p>
    <ChoiceField v-model="garment" label="The garment that fits" :choices="garments" />
    <template v-if="garment && part">
      <ChoiceField v-model="form.part" label="Its part" :choices="partChoices" />
      <PlainField v-model="form.name" label="Call the piece" name="copy.name" />
      <div class="grid grid-cols-2 gap-3">
        <ChoiceField v-model="form.anchor" label="Aligned at" :choices="anchors" />
        <ChoiceField v-model="form.place" label="at" :choices="[...places]" />
      </div>
      <MeasureField
        v-for="f in fields"
        :key="f.id"
        :label="f.label"
        :value="form[f.id]"
        :name="f.name"
        :hint="'hint' in f ? f.hint : undefined"
        @settle="(t) => (form[f.id] = t)"
      />
      <label class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
        >how many to cut
        <input v-model.number="form.quantity" type="number" min="1" max="60" class="field text-right" />
      </label>
      <TickField v-model="form.pair" label="half of them mirrored" />
      <div class="grid grid-cols-2 gap-3">
        <ChoiceField v-model="form.onto" label="Cut from" :choices="panels" @change="nearestEdge" />
        <ChoiceField v-if="form.onto" v-model="form.ontoEdge" label="its seam on" :choices="panelEdges" />
      </div>
      <ComplaintNote :of="['copy.', 'name', 'quantity']" />
      <div v-if="seen" class="rounded-[3px] bg-table p-3" role="status">
        <p>{{ seen.size }} to cut; {{ seen.width }}.</p>
        <p v-for="l in seen.lacks" :key="l" class="text-madder">The cloth is {{ l }}.</p>
        <p v-if="form.onto && !seen.lacks.length" class="text-good">The panel is large enough all round.</p>
      </div>
      <div class="flex gap-2">
        <button class="act" :disabled="busy">Check the cloth</button>
        <button type="button" class="act act-main" :disabled="busy" @click="copy">Take the copy</button>
      </div>
    </template>
  </form>
</template>
