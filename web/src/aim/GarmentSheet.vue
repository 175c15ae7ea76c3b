<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { computed, reactive } from 'vue'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'

/** A garment that fits, measured flat and doubled level by level, instead of the body. */
const { measures } = defineProps<{ measures: Schemas['MeasureView'][] }>()
const { change, busy } = useHand()
const girths = computed(() => measures.filter((m) => m.words.includes('girth')))
const form = reactive({ name: '', anchor: 'underarm', stretch: '' })
const levels = reactive<Record<string, { down: string; flat: string; ease: string }>>({})
const level = (id: string) => (levels[id] ??= { down: '', flat: '', ease: '' })
async function save() {
  const told = girths.value
    .filter((m) => levels[m.id]?.flat)
    .map((m) => ({ measure: m.id as Schemas['ReferenceLevelRequest']['measure'], ...level(m.id) }))
  await change((params) =>
    api.POST('/api/projects/{id}/aim/garment', { params, body: { ...form, levels: told } }),
  )
}
</script>

<template>
  <details class="border-t border-line pt-2">
    <summary class="min-h-8 cursor-pointer">Measure a garment that fits instead</summary>
    <form class="grid gap-2" @submit.prevent="save">
      <p class="text-sm text-muted">
        Laid flat and doubled, from a fixed place down, never from the hem. Ease: pinched out all round while
        it is worn; − where it is stretched.
      </p>
      <PlainField v-model="form.name" label="The garment" name="reference.name" />
      <PlainField v-model="form.anchor" label="Levels counted from" name="reference.anchor" />
      <MeasureField
        label="it gives in wear, %"
        :value="form.stretch"
        name="reference.stretch"
        @settle="(t) => (form.stretch = t)"
      />
      <fieldset v-for="m in girths" :key="m.id" class="border-t border-line pt-1">
        <legend class="font-semibold first-letter:uppercase">{{ m.words }}</legend>
        <MeasureField
          label="below that place"
          :value="level(m.id).down"
          name="reference.down"
          @settle="(t) => (level(m.id).down = t)"
        />
        <MeasureField
          label="across, doubled"
          :value="level(m.id).flat"
          name="reference.flat"
          @settle="(t) => (level(m.id).flat = t)"
        />
        <MeasureField
          label="ease there"
          :value="level(m.id).ease"
          name="reference.ease"
          @settle="(t) => (level(m.id).ease = t)"
        />
      </fieldset>
      <ComplaintNote :of="['reference.levels']" />
      <button type="button" class="act" :disabled="busy" @click="save">Take these measures</button>
    </form>
  </details>
</template>
