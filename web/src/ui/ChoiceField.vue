<script setup lang="ts" generic="T extends string">
import { useId, watchEffect } from 'vue'

/** One of a few words; a long list stands in groups. */
const choice = defineModel<T>({ required: true })
const { choices, groups, empty } = defineProps<{
  label: string
  choices?: { id: T; words: string }[]
  groups?: { words: string; choices: { id: T; words: string }[] }[]
  /** said while nothing is chosen */
  empty?: string
}>()
const emit = defineEmits<{ change: [] }>()
const id = useId()
// What a list shows first looks chosen; so it is. Groups may still be on their way.
watchEffect(() => {
  const first = choices?.[0]
  if (!empty && !groups && first && !choices.some((c) => c.id === choice.value)) choice.value = first.id
})
</script>

<template>
  <div>
    <label :for="id" class="text-sm text-muted">{{ label }}</label>
    <select :id="id" v-model="choice" class="field" @change="emit('change')">
      <option v-if="empty" value="">{{ empty }}</option>
      <option v-for="c in choices ?? []" :key="c.id" :value="c.id">{{ c.words }}</option>
      <optgroup v-for="g in groups ?? []" :key="g.words" :label="g.words">
        <option v-for="c in g.choices" :key="c.id" :value="c.id">{{ c.words }}</option>
      </optgroup>
    </select>
  </div>
</template>
