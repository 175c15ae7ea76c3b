<script setup lang="ts">
import type { Schemas } from '../api/client'

/** The rings that a garment is put on through, each against what must go through it. */
defineProps<{ openings: Schemas['PutOnView'][] }>()
const verdicts = {
  GOES_ON: 'goes on',
  PULL_FIRST: 'pull it first',
  TOO_SMALL: 'too small',
  UNKNOWN: '',
} as const
const tones = {
  GOES_ON: 'text-good',
  PULL_FIRST: 'text-stale',
  TOO_SMALL: 'text-madder',
  UNKNOWN: '',
} as const
</script>

<template>
  <section v-if="openings.length">
    <h3 class="text-lg">How it is put on</h3>
    <ul>
      <li v-for="o in openings" :key="o.name" class="border-t border-line py-1">
        <p class="flex gap-2">
          <span class="grow first-letter:uppercase">{{ o.name }}</span>
          <b v-if="o.verdict !== 'UNKNOWN'" :class="tones[o.verdict]">{{ verdicts[o.verdict] }}</b>
        </p>
        <p class="text-[15px] text-muted">{{ o.sentence }}</p>
      </li>
    </ul>
  </section>
</template>
