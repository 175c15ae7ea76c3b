<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { api, type ProjectView } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import BodyFigure from './BodyFigure.vue'

const { project } = defineProps<{ project: ProjectView }>()
const { change, problem, busy } = useHand()
const asked = ref<string>()
const form = reactive({
  garment: project.aim.garment,
  what: project.aim.what,
  wearer: '',
  unit: project.unit,
  taped: {} as Record<string, string>,
  ease: {} as Record<string, string>,
})

function reset() {
  form.garment = project.aim.garment
  form.what = project.aim.what
  form.wearer = project.aim.wearer
  form.unit = project.unit
  form.taped = Object.fromEntries(
    project.aim.measures.filter((m) => m.origin === 'TAPE' || m.id === 'HEIGHT').map((m) => [m.id, m.text]),
  )
  const { hipEase, aboveFloor, seam, hem } = project.aim
  form.ease = { hipEase, aboveFloor, seam, hem }
}
watch(() => project.version, reset, { immediate: true })

const eases = [
  {
    id: 'hipEase',
    name: 'aim.ease.hip',
    label: 'Room over the hips',
    hint: 'finished girth less the body’s',
  },
  { id: 'aboveFloor', name: 'aim.ease.aboveFloor', label: 'Hem above the floor' },
  { id: 'seam', name: 'aim.ease.seam', label: 'Seam allowance' },
  { id: 'hem', name: 'aim.ease.hem', label: 'Hem allowance', hint: 'none where an old hem is kept' },
] as const
const isInches = computed(() => ['INCH', 'FOOT', 'YARD'].includes(project.unit))

function save(patch: { measure?: [string, string]; ease?: [string, string] } = {}) {
  const measures = { ...form.taped, ...(patch.measure ? { [patch.measure[0]]: patch.measure[1] } : {}) }
  const ease = { ...form.ease, ...(patch.ease ? { [patch.ease[0]]: patch.ease[1] } : {}) }
  const body = {
    garment: form.garment,
    what: form.what,
    wearer: form.wearer,
    unit: form.unit,
    measures,
    hipEase: ease.hipEase ?? '',
    aboveFloor: ease.aboveFloor ?? '',
    seam: ease.seam ?? '',
    hem: ease.hem ?? '',
  }
  return change((params) => api.PUT('/api/projects/{id}/aim', { params, body }))
}
const garments = [
  { id: 'DUNGAREES', words: 'dungarees, drafted from the body' },
  { id: 'BY_HAND', words: 'something else, pieces entered by hand' },
  { id: 'LET_OUT', words: 'the source itself, let out' },
  { id: 'TAKE_IN', words: 'the source itself, taken in or shortened' },
] as const
const firstWords = {
  DUNGAREES: 'dungarees',
  BY_HAND: '',
  LET_OUT: 'let out for another year',
  TAKE_IN: 'taken in to fit',
}
function otherGarment() {
  form.what = firstWords[form.garment]
  if (project.aim.settled && form.what) void save()
}
const isDrafted = computed(() => form.garment === 'DUNGAREES')
const settle = (id: string, text: string) =>
  project.aim.settled ? save({ measure: [id, text] }) : (form.taped[id] = text)
const settleEase = (id: string, text: string) =>
  project.aim.settled ? save({ ease: [id, text] }) : (form.ease[id] = text)
const shown = (m: ProjectView['aim']['measures'][number]) => form.taped[m.id] ?? m.text
const hintOf = (m: ProjectView['aim']['measures'][number]) =>
  m.id === asked.value
    ? m.landmark
    : m.origin === 'PROPOSED' && !form.taped[m.id]
      ? 'proposed from the height; measure when you can'
      : ''
</script>

<template>
  <StationFrame title="Aim" lead="What will it be, who is it for, and how big is that person?">
    <template #table
      ><BodyFigure :measures="project.aim.measures" :asked="asked" :inches="isInches"
    /></template>
    <form class="grid gap-3" @submit.prevent="save()">
      <ChoiceField
        v-model="form.garment"
        label="It will be"
        :choices="[...garments]"
        @change="otherGarment"
      />
      <PlainField
        v-if="!isDrafted"
        v-model="form.what"
        label="In words"
        name="aim.what"
        :problem="problem"
        @change="project.aim.settled && save()"
      />
      <PlainField
        v-model="form.wearer"
        label="Who will wear it"
        name="aim.wearer"
        :problem="problem"
        @change="project.aim.settled && save()"
      />
      <label class="text-sm text-muted">
        Lengths shown in
        <select v-model="form.unit" class="field" @change="project.aim.settled && save()">
          <option value="CM">centimetres</option>
          <option value="MM">millimetres</option>
          <option value="INCH">inches</option>
        </select>
      </label>
      <h3 class="mt-2 text-lg">Body</h3>
      <p v-if="!isDrafted" class="text-sm text-muted">
        Only what tells whether the source suits; the pieces are yours.
      </p>
      <MeasureField
        v-for="m in project.aim.measures"
        :key="m.id"
        :label="m.words"
        :value="shown(m)"
        :name="'aim.measures.' + m.id"
        :problem="problem"
        :proposed="m.origin === 'PROPOSED' && !form.taped[m.id]"
        :hint="hintOf(m)"
        @focus="asked = m.id"
        @settle="(text) => settle(m.id, text)"
      />
      <p class="text-sm text-muted">
        Write as you like: 60 cm, 23 5/8 in, 1.1 m. Empty a field to take the proposal again. Proposals are
        made up for this program, not taken from any table of sizes.
      </p>
      <h3 v-if="isDrafted" class="mt-2 text-lg">Room and allowances</h3>
      <MeasureField
        v-for="e in isDrafted ? eases : []"
        :key="e.id"
        :label="e.label"
        :value="form.ease[e.id] ?? ''"
        :name="e.name"
        :hint="'hint' in e ? e.hint : undefined"
        :problem="problem"
        @focus="asked = undefined"
        @settle="(text) => settleEase(e.id, text)"
      />
      <button v-if="!project.aim.settled" class="act act-main mt-2" :disabled="busy">Settle the aim</button>
    </form>
  </StationFrame>
</template>
