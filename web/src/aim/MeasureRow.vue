<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import MeasureField from '../ui/MeasureField.vue'

/** One measure of the body. While it is asked it shows where the tape lies, and takes a second reading. */
const { measure, taped, asked } = defineProps<{
  measure: Schemas['MeasureView']
  taped?: string
  asked: boolean
}>()
const emit = defineEmits<{ settle: [text: string]; again: [text: string]; focus: [] }>()
const isProposed = computed(() => measure.origin === 'PROPOSED' && !taped)
const hint = computed(() =>
  [
    measure.also && `= ${measure.also}`,
    asked
      ? [measure.landmark, measure.alone].filter(Boolean).join('; ')
      : isProposed.value && `proposed from ${measure.proposedBy}; measure when you can`,
  ]
    .filter(Boolean)
    .join('; '),
)
const told = computed(() =>
  [measure.on && `taken ${measure.on}`, `± ${measure.tolerance}`, measure.grows].filter(Boolean).join(', '),
)
</script>

<template>
  <div :class="asked ? 'border-l-4 border-madder pl-3' : ''">
    <MeasureField
      :label="measure.words"
      :value="taped ?? measure.text"
      :name="'aim.measures.' + measure.id"
      :proposed="isProposed"
      :hint="hint"
      @focus="emit('focus')"
      @settle="(text) => emit('settle', text)"
    />
    <template v-if="!isProposed && (asked || measure.differs)">
      <MeasureField
        label="read a second time"
        :value="measure.again"
        :name="'aim.again.' + measure.id"
        :hint="told"
        @focus="emit('focus')"
        @settle="(text) => emit('again', text)"
      />
      <p v-if="measure.differs" class="text-madder" role="alert">
        The two readings of the {{ measure.words }} differ by more than a tape may: measure a third time.
      </p>
    </template>
  </div>
</template>
