<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** One of a few words. */
const choice = defineModel<T>({ required: true })
defineProps<{ label: string; choices: { id: T; words: string }[] }>()
const emit = defineEmits<{ change: [] }>()
const id = useId()
</script>

<template>
  <div>
    <label :for="id" class="text-sm text-muted">{{ label }}</label>
    <select :id="id" v-model="choice" class="field" @change="emit('change')">
      <option v-for="c in choices" :key="c.id" :value="c.id">{{ c.words }}</option>
    </select>
  </div>
</template>
