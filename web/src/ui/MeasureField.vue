<script setup lang="ts">
import { ref, useId, watch } from 'vue'
import { useComplaint } from './problem'

/** A length as people write it. What was typed stays until the server has read it or said what is wrong with it. */
const { label, value, name, hint } = defineProps<{
  label: string
  value: string
  name: string
  hint?: string
  proposed?: boolean
}>()
const emit = defineEmits<{ settle: [text: string]; focus: [] }>()
const { problem, complaint } = useComplaint(() => name)
const id = useId()
const text = ref(value)
let sent: string | undefined
// An answer to another field, or to this one's words of before, leaves alone what is being written here now.
watch(
  () => value,
  (next, before) => {
    if (text.value === before || text.value === sent) text.value = next
  },
)
// Somebody else wrote meanwhile: what was refused here was not stored, and what stands there now is shown.
watch(problem, (now) => now?.status === 409 && (text.value = value))
function settle() {
  if (text.value === value) return
  sent = text.value
  emit('settle', text.value)
}
/** A proposal becomes one's own by saying so, even where the tape shows the very same. */
const confirm = () => emit('settle', text.value)
</script>

<template>
  <div class="grid grid-cols-[1fr_8.5rem] items-baseline gap-x-3">
    <label :for="id" class="text-[15px] leading-tight">{{ label }}</label>
    <span class="flex gap-1">
      <button
        v-if="proposed && text === value && text"
        type="button"
        class="act !min-h-0 shrink-0 !px-2"
        :aria-label="`${label}: it is ${text}`"
        title="Measured, and it is just that"
        @click="confirm"
      >
        ✓
      </button>
      <input
        :id="id"
        v-model="text"
        class="field text-right"
        :class="{ 'italic text-muted': proposed }"
        :aria-invalid="!!complaint"
        :aria-describedby="id + '-hint'"
        inputmode="text"
        autocomplete="off"
        @change="settle"
        @focus="emit('focus')"
        @keydown.esc="text = value"
        @keydown.enter="proposed && text === value && text && confirm()"
      />
    </span>
    <p :id="id + '-hint'" class="col-span-2 text-sm" :class="complaint ? 'text-madder' : 'text-muted'">
      {{ complaint ?? hint }}
    </p>
  </div>
</template>
