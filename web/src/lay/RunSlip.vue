<script setup lang="ts">
import type { Problem, Schemas } from '../api/client'

/** Starting and watching a run. */
const seconds = defineModel<number>('seconds', { required: true })
defineProps<{
  running: boolean
  progress?: Schemas['FitEvent']
  canLay: boolean
  again: boolean
  /** connection lost while a run is at work */
  lost?: boolean
  problem?: Problem
}>()
const emit = defineEmits<{ start: []; stop: [] }>()
</script>

<template>
  <section aria-live="polite">
    <div v-if="running" class="grid gap-2">
      <div
        class="h-3 overflow-hidden rounded-full border border-line bg-table"
        role="progressbar"
        aria-label="Laying"
        aria-valuemin="0"
        aria-valuemax="100"
        :aria-valuenow="progress ? Math.round((100 * progress.secondsGone) / progress.seconds) : 0"
      >
        <div
          class="h-full bg-madder"
          :style="{ width: progress ? `${(100 * progress.secondsGone) / progress.seconds}%` : '0' }"
        />
      </div>
      <p v-if="progress && progress.improvements > 0">
        Best so far: {{ progress.placed }} of {{ progress.wanted }} pieces lie,
        {{ Math.round(progress.utilisation * 100) }} % used.
      </p>
      <p v-else-if="progress?.status === 'waiting' && progress.before > 0">
        {{ progress.before === 1 ? 'One run is' : `${progress.before} runs are` }} before yours; it begins by
        itself.
      </p>
      <p v-else>Trying the first lay …</p>
      <p v-if="lost" class="text-stale">
        The connection is lost; the work goes on, and this page looks for it again.
      </p>
      <button class="act" @click="emit('stop')">Stop, keep the best so far</button>
    </div>
    <div v-else class="flex items-end gap-3">
      <button class="act act-main" :disabled="!canLay" @click="emit('start')">
        {{ again ? 'Lay again' : 'Lay the pieces' }}
      </button>
      <label class="text-sm text-muted">
        trying for
        <select v-model.number="seconds" aria-label="trying for" class="field !w-32">
          <option :value="5">5 seconds</option>
          <option :value="20">20 seconds</option>
          <option :value="60">1 minute</option>
          <option :value="300">5 minutes</option>
        </select>
      </label>
    </div>
    <p v-if="!running && progress?.message" class="mt-2 text-muted">{{ progress.message }}</p>
    <p v-if="problem" class="mt-2 text-madder" role="alert">{{ problem.detail }}</p>
  </section>
</template>
