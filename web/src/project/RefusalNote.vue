<script setup lang="ts">
import { nextTick, ref, useTemplateRef, watch } from 'vue'
import { useHand } from './hand'
import { isTold } from '../ui/refusals'

/** A refusal that no field in sight tells stands at the top of the slip, is read out, and comes into view. */
const { problem } = useHand()
const note = useTemplateRef('note')
const isAlone = ref(false)
watch(
  problem,
  async (now) => {
    isAlone.value = false
    await nextTick()
    if (!now || now !== problem.value) return
    const place = isTold(now.detail, document.body)
    isAlone.value = !place
    await nextTick()
    ;(place ?? note.value)?.scrollIntoView?.({ block: 'nearest' })
  },
  { immediate: true, flush: 'post' },
)
</script>

<template>
  <div aria-live="assertive">
    <div
      v-if="problem && isAlone"
      ref="note"
      class="slip mb-3 flex items-start gap-3 border-l-4 border-l-madder p-3"
      role="alert"
    >
      <div class="grow">
        <p class="font-semibold">{{ problem.title }}</p>
        <p>{{ problem.detail }}</p>
      </div>
      <button type="button" class="act shrink-0" @click="problem = undefined">Understood</button>
    </div>
  </div>
</template>
