<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import MeasureField from '../ui/MeasureField.vue'
import OptionField from './OptionField.vue'
import PlainField from '../ui/PlainField.vue'
import SlipTabs from '../ui/SlipTabs.vue'
import BuildSheet from './BuildSheet.vue'
import ClothFields from './ClothFields.vue'
import ClothsSheet from './ClothsSheet.vue'
import KeepersSheet from './KeepersSheet.vue'
import QuantityChooser from './QuantityChooser.vue'
import SourceDrawing from '../drawing/SourceDrawing.vue'
import { provideSourceForm } from './sourceForm'
import SuitsSheet from './SuitsSheet.vue'
import { useKinds } from './useKinds'

const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const isInches = computed(() => project.unit === 'INCH')
const kinds = useKinds(() => project.unit)

const { fields: form, sending, follow } = provideSourceForm(() => project.source)
// What is being written about a source that is not settled yet is nowhere else: no answer that comes in meanwhile may wipe it.
watch(
  () => project.version,
  () => project.source && follow(),
)
const asked = computed(() =>
  project.source && project.source.kind === form.kind
    ? project.source.measures
    : (kinds.value.find((k) => k.kind === form.kind)?.measures ?? []),
)
/** What an average one measures is proposed when another kind is chosen, and stays proposed until somebody measures it. */
function propose() {
  const average = kinds.value.find((k) => k.kind === form.kind)?.measures ?? []
  form.measures = Object.fromEntries(average.map((m) => [m.id, m.text]))
  form.proposed = average.map((m) => m.id)
}
/** What such a garment is mostly made of, until somebody says of this one what it is. */
const usual: Partial<Record<typeof form.kind, Schemas['Cloth']['weave']>> = {
  T_SHIRT: 'KNIT',
  JUMPER: 'KNIT',
  SWEATSHIRT: 'KNIT',
  SCARF: 'KNIT',
  BLANKET: 'BLANKET',
  SHIRT: 'PLAIN',
  CURTAIN: 'PLAIN',
  DRESS: 'PLAIN',
}
const isWeaveSaid = ref(false)
function otherKind() {
  propose()
  if (!project.source && !isWeaveSaid.value) form.weave = usual[form.kind] ?? 'TWILL'
  void saveIfSettled()
}
watch(
  kinds,
  () => {
    if (!project.source && !Object.keys(form.measures).length) propose()
  },
  { immediate: true },
)

function save(faults: Schemas['Fault'][] = project.source?.faults ?? []) {
  sending()
  const { texts, cloth, ticks, kind, weave, heat, edge, across, along } = form
  const body = {
    kind,
    ...texts,
    measures: Object.fromEntries(asked.value.map((m) => [m.id, form.measures[m.id] ?? ''])),
    cloth: {
      ...cloth,
      ...ticks,
      weave,
      heat,
      edge,
      across,
      along,
    },
    faults,
    proposed: form.proposed,
  }
  return change((params) => api.PUT('/api/projects/{id}/source', { params, body }))
}
const told = ref<string[]>([])
const missing = () => [
  ...(form.texts.name?.trim() ? [] : ['what to call it']),
  ...(form.cloth.name?.trim() ? [] : ['what to call its cloth']),
  ...asked.value.filter((m) => !form.measures[m.id]?.trim()).map((m) => m.words),
]
/** All that is missing is told at once; a settled source is saved field by field, and Enter saves nothing twice. */
function settleAll() {
  told.value = missing()
  if (!project.source && !told.value.length) void save()
}
const saveIfSettled = () => project.source && save()
function settle(id: string, text: string) {
  form.measures[id] = text
  form.proposed = form.proposed.filter((p) => p !== id)
  saveIfSettled()
}
const lines = [
  { id: 'name', label: 'Call it' },
  { id: 'what', label: 'What it is' },
  { id: 'condition', label: 'Condition' },
  { id: 'care', label: 'Care' },
  { id: 'cost', label: 'Cost' },
] as const
const brought = computed(() => project.cloths.filter((c) => c.mark).length)
const slips = useTemplateRef<{ turnTo: (id: string) => void }>('slips')
const beside = computed(() => ({
  id: 'cloths',
  name: 'Beside it',
  note: brought.value ? String(brought.value) : undefined,
}))
/** Where all cloth lies flat already, that is the sheet to see. */
const tabs = computed(() => [
  ...(project.source || !brought.value ? [] : [beside.value]),
  { id: 'what', name: 'It is' },
  { id: 'cloth', name: 'Cloth' },
  ...(project.source
    ? [
        {
          id: 'build',
          name: 'Build',
          note: project.source.adjustments.length + project.source.faults.length || undefined,
        },
        { id: 'keepers', name: 'Keepers' },
        { id: 'suits', name: 'Suits' },
      ].map((t) => ({ ...t, note: 'note' in t && t.note ? String(t.note) : undefined }))
    : []),
  ...(project.source || !brought.value ? [beside.value] : []),
])
</script>

<template>
  <StationFrame
    title="Source"
    lead="What will be taken apart: wash and dry it first, then measure it, closed and lying flat."
  >
    <template #table>
      <SourceDrawing v-if="project.source" :source="project.source" :joins="[]" :inches="isInches" />
      <EmptyTable
        v-else
        :text="
          brought
            ? 'What was brought lies flat already: it is drawn at Lay, with the pieces on it.'
            : 'Say what it is and measure it. The drawing follows your numbers.'
        "
      />
    </template>
    <SlipTabs ref="slips" :tabs="tabs">
      <template #what>
        <p v-if="!project.source" class="mb-3 text-muted">
          Only cloth that lies flat, and nothing to take apart?
          <button type="button" class="act" @click="slips?.turnTo('cloths')">
            Bring it out of the stash
          </button>
        </p>
        <form class="grid gap-3" novalidate @submit.prevent="settleAll">
          <ChoiceField
            v-model="form.kind"
            label="It was"
            :choices="kinds.map((k) => ({ id: k.kind, words: k.words }))"
            @change="otherKind"
          />
          <PlainField
            v-for="l in lines"
            :key="l.id"
            :model-value="form.texts[l.id]"
            :label="l.label"
            :name="'source.' + l.id"
            @update:model-value="(t) => (form.texts[l.id] = t)"
            @change="saveIfSettled"
          />
          <h3 class="mt-2 text-lg">Measures</h3>
          <details v-if="project.source">
            <summary class="min-h-8 cursor-pointer text-muted">
              Half, whole or pinched: which kind of number is it?
            </summary>
            <QuantityChooser :unit="project.unit" :measures="asked" @take="settle" />
          </details>
          <template v-for="m in asked" :key="m.id">
            <OptionField
              v-if="m.options.length"
              :label="m.words"
              :options="m.options"
              :value="form.measures[m.id] ?? '0'"
              :proposed="form.proposed.includes(m.id)"
              @settle="(t) => settle(m.id, t)"
            />
            <MeasureField
              v-else
              :label="m.words"
              :value="form.measures[m.id] ?? ''"
              :name="'source.' + m.id"
              :proposed="form.proposed.includes(m.id)"
              :hint="
                [
                  m.also && `= ${m.also}`,
                  form.proposed.includes(m.id) && 'an average one’s; measure it, or say that it is so',
                ]
                  .filter(Boolean)
                  .join('; ')
              "
              @settle="(t) => settle(m.id, t)"
            />
          </template>
          <PlainField
            v-if="!project.source"
            :model-value="form.cloth.name ?? ''"
            label="Call its cloth"
            name="cloth.name"
            @update:model-value="(t) => (form.cloth.name = t)"
          />
          <ComplaintNote :of="['measures']" />
          <label v-if="!project.source" class="text-sm text-muted"
            >Its colour
            <input v-model="form.cloth.colour" type="color" class="field !p-0" />
          </label>
          <p v-if="told.length && !project.source" class="text-madder" role="alert">
            Still missing: {{ told.join(', ') }}.
          </p>
          <button v-if="!project.source" class="act act-main mt-2" :disabled="busy">Settle the source</button>
          <p v-if="project.source && form.proposed.length" class="text-stale" role="status">
            {{ form.proposed.length }} of {{ asked.length }} measures are an average one’s still.
          </p>
          <p class="text-sm text-muted">
            Thrifted cloth: wash or freeze it first. Buttons, coatings and old paint may hold lead; cloth
            treated against fire is not for skin.
          </p>
        </form>
      </template>
      <template #cloth>
        <ClothFields
          :project="project"
          :told="told"
          @weave="isWeaveSaid = true"
          @save="saveIfSettled"
          @settle="settleAll"
        />
      </template>
      <template #build><BuildSheet v-if="project.source" :source="project.source" @faults="save" /></template>
      <template #cloths><ClothsSheet :project="project" /></template>
      <template #suits><SuitsSheet v-if="project.source" :source="project.source" /></template>
      <template #keepers><KeepersSheet v-if="project.source" :project="project" /></template>
    </SlipTabs>
  </StationFrame>
</template>
