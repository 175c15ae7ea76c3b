<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useUnit } from '../account/useAccount'
import { api, type ProjectView } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import PlainField from '../ui/PlainField.vue'
import BodyFigure from './BodyFigure.vue'
import GarmentSheet from './GarmentSheet.vue'
import MeasureRow from './MeasureRow.vue'
import PracticeNote from './PracticeNote.vue'
import { useFields } from '../ui/useFields'
import { useDrafts } from './useDrafts'
import NewerNote from '../wearers/NewerNote.vue'
import { usePeople } from '../wearers/useWearers'

const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const unit = useUnit()
const { drafts, families } = useDrafts()
const asked = ref<string>()
type Measure = ProjectView['aim']['measures'][number]
const OWN = 'OWN'
const route = useRoute()
const ALTERED = {
  LET_OUT: 'let out for another year',
  TAKE_IN: 'taken in to fit',
  ALTER: 'the same garment, changed',
}
type Altered = keyof typeof ALTERED
const isAltered = (made: unknown): made is Altered => typeof made === 'string' && made in ALTERED
/** Who came by the door of an alteration has said so already. */
const asksFor = (made: unknown) => (isAltered(made) ? made : undefined)
const isTyped = (m: Measure) => m.origin === 'TAPE' || (m.id === 'HEIGHT' && !project.aim.settled)
const texts = (of: (m: Measure) => string) =>
  Object.fromEntries(project.aim.measures.filter(isTyped).map((m) => [m.id, of(m)]))
const {
  fields: form,
  sending,
  follow,
} = useFields(() => {
  const { garment, draft, what, wearer } = project.aim
  const way = project.aim.settled ? undefined : asksFor(route?.query.made)
  return {
    made: way ?? (garment === 'CUT_OUT' ? draft || OWN : garment),
    what: way ? ALTERED[way] : what,
    wearer,
    unit: project.aim.settled ? project.unit : unit.value,
    // Nobody's height is guessed: until the aim is settled it is asked.
    taped: texts((m) => (project.aim.settled ? m.text : '')) as Record<string, string>,
    again: texts((m) => m.again) as Record<string, string>,
  }
})
// What is being written before the aim is settled is nowhere else: no answer that comes in meanwhile may wipe it.
watch(
  () => project.version,
  () => project.aim.settled && follow(),
)
const isInches = computed(() => ['INCH', 'FOOT', 'YARD'].includes(project.unit))
const groups = computed(() => [
  ...families.value.map((f) => ({ words: f.words, choices: f.drafts })),
  {
    words: 'without a draft',
    choices: [
      { id: OWN, words: 'something else, pieces brought in or entered' },
      { id: 'LET_OUT', words: 'the source itself, let out' },
      { id: 'TAKE_IN', words: 'the source itself, taken in or shortened' },
      { id: 'ALTER', words: 'the source itself, changed in other ways' },
    ],
  },
])
const isDrafted = computed(() => form.made !== OWN && !(form.made in ALTERED))

function save(patch: { taped?: Record<string, string>; again?: Record<string, string> } = {}) {
  sending()
  const altered = isAltered(form.made)
  const body = {
    garment: isAltered(form.made) ? form.made : ('CUT_OUT' as const),
    draft: altered || form.made === OWN ? '' : form.made,
    what: form.what,
    wearer: form.wearer,
    unit: form.unit,
    // What nobody touched is not sent: it stays as it was typed, whatever unit is shown.
    measures: project.aim.settled ? (patch.taped ?? {}) : { ...form.taped, ...patch.taped },
    again: project.aim.settled ? (patch.again ?? {}) : { ...form.again, ...patch.again },
  }
  return change((params) => api.PUT('/api/projects/{id}/aim', { params, body }))
}
function otherGarment() {
  const words: Record<string, string> = { [OWN]: '', ...ALTERED }
  form.what = words[form.made] ?? drafts.value.find((d) => d.id === form.made)?.words ?? ''
  if (project.aim.settled && form.what) void save()
}
const settle = (id: string, text: string) =>
  project.aim.settled ? save({ taped: { [id]: text } }) : (form.taped[id] = text)
const settleAgain = (id: string, text: string) =>
  project.aim.settled ? save({ again: { [id]: text } }) : (form.again[id] = text)
/** Until the aim is settled the height alone is asked: it proposes the rest. */
const asks = computed(() => project.aim.measures.filter((m) => project.aim.settled || m.id === 'HEIGHT'))
const isProposed = (m: Measure) => m.origin === 'PROPOSED' && !form.taped[m.id]
const next = computed(() =>
  project.aim.settled ? project.aim.measures.find((m) => m.id !== asked.value && isProposed(m)) : undefined,
)
const left = computed(() => project.aim.measures.filter(isProposed).length)
const { people } = usePeople()
const isNamed = (p: { name: string }) => p.name.toLowerCase() === form.wearer.trim().toLowerCase()
/** Whom the household has measured is asked for nothing. */
const known = computed(() => people.value?.find((p) => isNamed(p) && p.height))
const others = computed(() => people.value?.filter((p) => !isNamed(p)) ?? [])
const SHOWN = 6
function choose(name: string) {
  form.wearer = name
  if (project.aim.settled) void save()
}
/** All that is missing is told at once; a settled aim is saved field by field, and Enter saves nothing twice. */
const told = ref<string[]>([])
const missing = () => [
  ...(form.what.trim() || isDrafted.value ? [] : ['what it will be, in words']),
  ...(form.wearer.trim() ? [] : ['who will wear it']),
  // What is not drafted may do without a body.
  ...(form.taped.HEIGHT?.trim() || !isDrafted.value || known.value ? [] : ['the height']),
]
function settleAll() {
  told.value = missing()
  if (!project.aim.settled && !told.value.length) void save()
}
function measureNext() {
  asked.value = next.value?.id
  document
    .getElementById('measure-' + asked.value)
    ?.querySelector('input')
    ?.focus()
}
</script>

<template>
  <StationFrame title="Aim" lead="What will it be, who is it for, and how big is that person?">
    <template #table><BodyFigure :measures="asks" :asked="asked" :inches="isInches" /></template>
    <form class="grid gap-3" novalidate @submit.prevent="settleAll">
      <ChoiceField v-model="form.made" label="It will be" :groups="groups" @change="otherGarment" />
      <PlainField
        v-model="form.what"
        label="In words"
        name="aim.what"
        @change="project.aim.settled && save()"
      />
      <PlainField
        v-model="form.wearer"
        label="Who will wear it"
        name="aim.wearer"
        @change="project.aim.settled && save()"
      />
      <p v-if="known && !project.aim.settled" class="text-sm text-muted" role="status">
        {{ known.name }} is {{ known.height }} tall{{ known.last && ` (${known.last})` }}; their measures come
        with the name.
      </p>
      <p v-if="others.length" class="flex flex-wrap items-center gap-2 text-sm text-muted">
        Known:
        <button
          v-for="p in others.slice(0, SHOWN)"
          :key="p.name"
          type="button"
          class="act !min-h-0 !px-2"
          @click="choose(p.name)"
        >
          {{ p.name }}
        </button>
        <RouterLink class="underline" to="/wearers">all wearers</RouterLink>
      </p>
      <label class="text-sm text-muted">
        Lengths shown in
        <select v-model="form.unit" class="field" @change="project.aim.settled && save()">
          <option value="CM">centimetres</option>
          <option value="MM">millimetres</option>
          <option value="INCH">inches</option>
        </select>
      </label>
      <h3 class="mt-2 text-lg">Body</h3>
      <NewerNote v-if="project.aim.settled" :project="project" />
      <p class="text-sm text-muted">
        {{
          !project.aim.settled
            ? 'The height proposes the rest, later with the girths you take; what it needs is asked once the aim is settled.'
            : isDrafted
              ? 'Only what this draft needs.'
              : 'Only what tells whether the source suits; the pieces are yours.'
        }}
        <template v-if="next">{{ left }} still proposed.</template>
      </p>
      <p v-if="next" class="flex items-center gap-3 border-l-4 border-madder bg-table px-3 py-2">
        <span class="grow"
          >Next: <b>{{ next.words }}</b>, {{ next.landmark }}.</span
        >
        <button type="button" class="act shrink-0" @click="measureNext">Measure it</button>
      </p>
      <MeasureRow
        v-for="m in asks"
        :id="'measure-' + m.id"
        :key="m.id"
        :measure="m"
        :taped="form.taped[m.id]"
        :asked="m.id === asked"
        @focus="asked = m.id"
        @settle="(text) => settle(m.id, text)"
        @again="(text) => settleAgain(m.id, text)"
      />
      <GarmentSheet v-if="project.aim.settled" :measures="project.aim.measures" />
      <p class="text-sm text-muted">
        Write as you like: 60 cm, 23 5/8 in, 1.1 m. Empty a field to take the proposal again. Proposals are
        made up for this program, not taken from any table of sizes.
      </p>
      <p v-if="told.length && !project.aim.settled" class="text-madder" role="alert">
        Still missing: {{ told.join(', ') }}.
      </p>
      <button v-if="!project.aim.settled" class="act act-main mt-2" :disabled="busy">Settle the aim</button>
    </form>
    <PracticeNote :practice="project.practice" />
  </StationFrame>
</template>
