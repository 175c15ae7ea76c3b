<script setup lang="ts">
import { computed } from 'vue'
import { useHand } from './hand'

/** Which source this station is about: each is taken apart and measured by itself. Shown where there are several. */
const { project, turnTo, busy } = useHand()
const sources = computed(() => (project.value?.cloths ?? []).filter((c) => c.kind === 'SOURCE'))
</script>

<template>
  <nav v-if="sources.length > 1" aria-label="Which source" class="mb-3 flex flex-wrap gap-1">
    <button
      v-for="s in sources"
      :key="s.mark"
      class="act !min-h-9 max-w-full"
      :class="project?.inHand === s.mark ? 'border-ink font-semibold' : 'text-muted'"
      :aria-pressed="project?.inHand === s.mark"
      :title="`${s.name}: ${s.sentence}`"
      :disabled="busy"
      @click="turnTo(s.mark)"
    >
      <span
        class="size-3 shrink-0 rounded-sm border border-line"
        :style="{ background: s.colour }"
        aria-hidden="true"
      /><span class="truncate">{{ s.name }}</span>
    </button>
  </nav>
</template>
