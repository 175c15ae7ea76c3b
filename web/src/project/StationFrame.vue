<script setup lang="ts">
import { computed } from 'vue'
import { useHand } from './hand'
import RefusalNote from './RefusalNote.vue'
import SourcesBar from './SourcesBar.vue'
import { after, stationOf, stationWords, slugOf } from './stations'

/** A station: its drawing, large, and beside it the paper slip with what is asked now. */
const { title } = defineProps<{ title: string; lead: string }>()
const { project } = useHand()
const here = computed(() => stationOf(title))
/** Stations that are about one source at a time. */
const isOfOneSource = computed(() => ['SOURCE', 'TAKE_APART', 'PANELS'].includes(here.value ?? ''))
const troubles = computed(() => (project.value?.troubles ?? []).filter((t) => t.station === here.value))
const next = computed(() => after(project.value?.stations ?? [], here.value))
</script>

<template>
  <section class="grid gap-3 lg:min-h-0 lg:grid-cols-[minmax(0,1fr)_360px]">
    <div class="h-[62vh] min-h-[420px] lg:h-auto lg:min-h-0"><slot name="table" /></div>
    <aside class="slip p-4 lg:overflow-y-auto" tabindex="0" :aria-label="title">
      <RefusalNote />
      <SourcesBar v-if="isOfOneSource" />
      <h2 class="text-2xl">{{ title }}</h2>
      <p class="mb-4 text-muted">{{ lead }}</p>
      <p
        v-for="t in troubles"
        :key="t.sentence"
        class="mb-3 border-l-4 border-l-stale bg-table px-3 py-2"
        role="status"
      >
        {{ t.sentence }}
      </p>
      <slot />
      <p v-if="next" class="mt-4 border-t border-line pt-3">
        <RouterLink class="act" :to="{ name: 'station', params: { id: project?.id, station: slugOf(next) } }">
          Go on to {{ stationWords[next.station] }}
        </RouterLink>
      </p>
    </aside>
  </section>
</template>
