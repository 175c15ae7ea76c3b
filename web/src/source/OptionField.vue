<script setup lang="ts">
import { useId } from 'vue'

/** Where garments of a kind differ: which this one is, by its number in the list. A proposed one is confirmed like a measure. */
const { label, options, value } = defineProps<{
  label: string
  options: string[]
  value: string
  proposed?: boolean
}>()
const emit = defineEmits<{ settle: [text: string] }>()
const id = useId()
</script>

<template>
  <div class="grid grid-cols-[1fr_auto] items-end gap-x-1">
    <label :for="id" class="col-span-2 text-[15px] leading-tight">{{ label }}</label>
    <select
      :id="id"
      :value="value"
      class="field"
      :class="{ 'italic text-muted': proposed }"
      @change="emit('settle', ($event.target as HTMLSelectElement).value)"
    >
      <option v-for="(o, i) in options" :key="o" :value="String(i)">{{ o }}</option>
    </select>
    <button
      v-if="proposed"
      type="button"
      class="act !min-h-0 shrink-0 !px-2"
      :aria-label="`${label} ${options[Number(value)]}: it is so`"
      title="Looked, and it is so"
      @click="emit('settle', value)"
    >
      ✓
    </button>
  </div>
</template>
