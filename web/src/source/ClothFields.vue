<script setup lang="ts">
import { computed } from 'vue'
import type { ProjectView } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'
import { useSourceForm } from './sourceForm'

/** What the cloth of a source is, how it bears heat and cutting, and how it stretches. */
const { project, told } = defineProps<{ project: ProjectView; told: string[] }>()
const emit = defineEmits<{ weave: []; save: []; settle: [] }>()
const { problem, busy } = useHand()
const form = useSourceForm()
const isInches = computed(() => project.unit === 'INCH')
const saveIfSettled = () => emit('save')
const weaves = [
  { id: 'CORDUROY', words: 'corduroy' },
  { id: 'PLAIN', words: 'plain' },
  { id: 'TWILL', words: 'twill' },
  { id: 'BLANKET', words: 'blanket' },
  { id: 'STRIPED', words: 'striped' },
  { id: 'KNIT', words: 'knit' },
  { id: 'FELT', words: 'felt' },
] as const
const heats = [
  { id: 'FINGERS_ONLY', words: 'fingers only, or not known' },
  { id: 'ONE_DOT', words: 'one dot, 110 °C' },
  { id: 'TWO_DOTS', words: 'two dots, 150 °C' },
  { id: 'THREE_DOTS', words: 'three dots, 200 °C' },
] as const
const edges = [
  { id: 'UNTESTED', words: 'not tested' },
  { id: 'STAYS', words: 'stays as cut' },
  { id: 'FRAYS', words: 'frays' },
  { id: 'FRAYS_FAST', words: 'frays fast' },
  { id: 'LADDERS', words: 'ladders: stitches run' },
] as const
const ways = [
  { id: 'across', words: 'across the grain' },
  { id: 'along', words: 'along the grain' },
] as const
const readings = [
  { id: 'gauge', words: 'marks apart at rest' },
  { id: 'stretched', words: 'pulled out' },
  { id: 'released', words: 'a minute after letting go' },
] as const
</script>

<template>
  <div class="grid gap-3">
    <PlainField
      :model-value="form.cloth.name ?? ''"
      label="Call the cloth"
      name="cloth.name"
      @update:model-value="(t) => (form.cloth.name = t)"
      @change="saveIfSettled"
    />
    <PlainField
      :model-value="form.cloth.fibre ?? ''"
      label="Fibre"
      name="cloth.fibre"
      @update:model-value="(t) => (form.cloth.fibre = t)"
      @change="saveIfSettled"
    />
    <div class="grid grid-cols-2 gap-3">
      <ChoiceField
        v-model="form.weave"
        label="Weave"
        :choices="[...weaves]"
        @change="(emit('weave'), saveIfSettled())"
      />
      <label class="text-sm text-muted"
        >Colour
        <input v-model="form.cloth.colour" type="color" class="field !p-0" @change="saveIfSettled" />
      </label>
    </div>
    <ChoiceField v-model="form.heat" label="Iron" :choices="[...heats]" @change="saveIfSettled" />
    <ChoiceField v-model="form.edge" label="A cut edge" :choices="[...edges]" @change="saveIfSettled" />
    <MeasureField
      label="thickness of one layer"
      :value="form.cloth.thickness ?? ''"
      name="source.cloth.thickness"
      @settle="(t) => ((form.cloth.thickness = t), saveIfSettled())"
    />
    <TickField v-model="form.ticks.oneWay" label="pile or print runs one way" @change="saveIfSettled" />
    <TickField v-model="form.ticks.reversible" label="both sides alike" @change="saveIfSettled" />
    <TickField v-model="form.ticks.slippery" label="layers slide on each other" @change="saveIfSettled" />
    <TickField v-model="form.ticks.pinMarks" label="pins leave marks" @change="saveIfSettled" />
    <TickField
      v-model="form.ticks.neverFlatten"
      label="never flatten with the iron"
      @change="saveIfSettled"
    />
    <TickField
      v-model="form.ticks.prettyInside"
      label="the inside is worth showing"
      @change="saveIfSettled"
    />
    <section v-for="w in ways" :key="w.id">
      <h3 class="mt-1 text-lg first-letter:uppercase">Stretch {{ w.words }}</h3>
      <MeasureField
        v-for="r in readings"
        :key="r.id"
        :label="r.words"
        :value="form[w.id][r.id]"
        :name="problem?.field?.startsWith('stretch.') ? `stretch.${r.id}` : `source.cloth.${w.id}.${r.id}`"
        :hint="
          r.id === 'gauge' && !form[w.id].gauge
            ? isInches
              ? '4 in shows it best'
              : '10 cm shows it best'
            : undefined
        "
        @settle="
          (t) => {
            form[w.id][r.id] = t
            if (form[w.id].gauge && form[w.id].stretched) saveIfSettled()
          }
        "
      />
    </section>
    <template v-if="!project.source">
      <p v-if="told.length" class="text-madder" role="alert">Still missing: {{ told.join(', ') }}.</p>
      <button
        type="button"
        class="act act-main mt-2 justify-self-start"
        :disabled="busy"
        @click="emit('settle')"
      >
        Settle the source
      </button>
    </template>
    <ul v-if="project.source?.consequences.length" class="border-t border-line pt-2">
      <li v-for="c in project.source.consequences" :key="c" class="py-0.5 text-[15px]">{{ c }}</li>
    </ul>
  </div>
</template>
