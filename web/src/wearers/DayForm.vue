<script setup lang="ts">
import { computed, reactive } from 'vue'
import type { Schemas } from '../api/client'
import { inWords } from '../ui/days'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import type { Line, Person } from './useWearers'

/** What was measured on one day: only what is written counts. */
const { lines, person, busy } = defineProps<{ lines: Line[]; person: Person; busy: boolean }>()
const emit = defineEmits<{ measured: [day: Schemas['DayRequest']] }>()
const today = new Date().toISOString().slice(0, 10)
const form = reactive({
  on: today,
  by: '',
  origin: 'TAPE' as NonNullable<Schemas['DayRequest']['origin']>,
  measures: {} as Record<string, string>,
})
const ways: { id: typeof form.origin; words: string }[] = [
  { id: 'TAPE', words: 'by tape on the body' },
  { id: 'GARMENT', words: 'off a garment that fits' },
  { id: 'PRINTED', words: 'as somebody told it' },
  { id: 'EYE', words: 'by eye' },
]
const written = computed(() => Object.values(form.measures).filter((t) => t.trim()).length)
const hint = (l: Line) => {
  const last = l.readings[l.readings.length - 1]
  return [last && `${last.text} on ${inWords(last.on)}`, l.landmark].filter(Boolean).join('; ')
}
const send = () => emit('measured', { ...form, unit: person.unit })
</script>

<template>
  <form class="grid gap-4" novalidate @submit.prevent="send">
    <div class="grid gap-4 sm:grid-cols-3">
      <PlainField v-model="form.on" label="Measured on" name="on" type="date" />
      <PlainField v-model="form.by" label="By whom" name="by" />
      <ChoiceField v-model="form.origin" label="How" :choices="ways" />
    </div>
    <div class="grid gap-x-8 gap-y-3 md:grid-cols-2">
      <MeasureField
        v-for="l in lines"
        :key="l.measure"
        :label="l.words"
        :value="form.measures[l.measure] ?? ''"
        :name="'aim.measures.' + l.measure"
        :hint="hint(l)"
        @settle="(text) => (form.measures[l.measure] = text)"
      />
    </div>
    <p class="flex flex-wrap items-center gap-3">
      <button class="act act-main" :disabled="busy">Write it down</button>
      <span class="text-muted">{{
        written ? `${written} measured` : 'What is left empty was not taken.'
      }}</span>
    </p>
  </form>
</template>
