<script setup lang="ts">
import { provideProblem } from '../ui/problem'
import { computed } from 'vue'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TickField from '../ui/TickField.vue'
import type { Tape } from './useTape'

/** One distance on the cloth held against the drawing: it proves the scale, or sets it. */
const { tape } = defineProps<{ tape: Tape }>()
const { form, drawn } = tape
provideProblem(tape.problem)
const choices = computed(() => [
  { id: 'width', words: 'its whole width' },
  { id: 'height', words: 'its whole height' },
  ...(drawn.value?.edges ?? []).map((e) => ({ id: e.name, words: `along ${e.name} (${e.length} as drawn)` })),
])
</script>

<template>
  <fieldset class="grid gap-2 border-t border-line pt-2">
    <legend class="pr-2 text-lg">Proof by the tape</legend>
    <ChoiceField v-model="form.proof.what" label="What I measured on the cloth" :choices="choices" />
    <MeasureField
      label="The tape shows"
      :value="form.proof.taped"
      name="proof.taped"
      @settle="(t) => (form.proof.taped = t)"
    />
    <TickField v-model="form.proof.scale" label="Bring the drawing to this scale" />
  </fieldset>
</template>
