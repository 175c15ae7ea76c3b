<script setup lang="ts">
import type { Problem } from '../api/client'

defineProps<{ problem?: Problem }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <div
    v-if="problem"
    class="slip fixed bottom-4 left-1/2 z-40 flex w-[min(38rem,92vw)] -translate-x-1/2 items-start gap-4 border-l-4 border-l-madder p-4"
    role="alert"
  >
    <div class="grow">
      <p class="font-semibold">{{ problem.title }}</p>
      <p>{{ problem.detail }}</p>
    </div>
    <button class="act shrink-0" @click="emit('close')">Understood</button>
  </div>
</template>
