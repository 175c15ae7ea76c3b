<script setup lang="ts">
import { useId } from 'vue'
import { useComplaint } from './problem'

const text = defineModel<string>({ required: true })
const { name } = defineProps<{
  label: string
  name: string
  type?: string
  autocomplete?: string
}>()
const { complaint } = useComplaint(() => name)
const id = useId()
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
