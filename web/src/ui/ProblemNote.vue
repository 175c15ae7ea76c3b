<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import type { Problem } from '../api/client'
import { isTold } from './refusals'

/** A refusal that no field in sight tells stands over the page; one that a field tells comes into view there. */
const { problem } = defineProps<{ problem: Problem | undefined }>()
const emit = defineEmits<{ close: [] }>()
const isAlone = ref(false)
watch(
  () => problem,
  async (now) => {
    isAlone.value = false
    await nextTick()
    if (!now || now !== problem) return
    const place = isTold(now.detail, document.body)
    isAlone.value = !place
    place?.scrollIntoView?.({ block: 'nearest' })
  },
  { immediate: true, flush: 'post' },
)
</script>

<template>
  <div
    v-if="problem && isAlone"
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
