<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Problem } from '../api/client'

const text = defineModel<string>({ required: true })
const { name, problem } = defineProps<{
  label: string
  name: string
  type?: string
  autocomplete?: string
  problem?: Problem
}>()
const id = useId()
const complaint = computed(() => (problem?.field === name ? problem.detail : undefined))
</script>

<template>
  <div>
    <label :for="id" class="text-sm text-muted">{{ label }}</label>
    <input
      :id="id"
      v-model="text"
      class="field"
      :type="type ?? 'text'"
      :autocomplete="autocomplete"
      :aria-invalid="!!complaint"
      :aria-describedby="complaint ? id + '-why' : undefined"
    />
    <p v-if="complaint" :id="id + '-why'" class="mt-1 text-sm text-madder">{{ complaint }}</p>
  </div>
</template>
