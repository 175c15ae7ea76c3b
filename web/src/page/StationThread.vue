<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import { nextOf, slugOf, stationWords, type StationState } from '../project/stations'

/** The stations on one hand-sewn thread: settled ones stitched, open ones chalked, stale ones with loose loops. */
const { states, current, projectId } = defineProps<{
  states: StationState[]
  current: string
  projectId: string
}>()
const next = computed(() => nextOf(states)?.station)
const thread = useTemplateRef('thread')
// On a narrow screen the thread runs sideways; the station at hand must not lie beyond its end.
watch(
  () => current,
  () =>
    nextTick(() =>
      thread.value?.querySelector('[aria-current]')?.scrollIntoView?.({ block: 'nearest', inline: 'center' }),
    ),
  { immediate: true },
)
</script>

<template>
  <nav ref="thread" aria-label="Stations" class="overflow-x-auto">
    <ol class="flex gap-1 lg:block">
      <li v-for="s in states" :key="s.station" class="relative shrink-0">
        <RouterLink
          :to="{ name: 'station', params: { id: projectId, station: slugOf(s) } }"
          class="flex h-full min-w-34 items-stretch gap-3 rounded-[3px] px-2 lg:min-h-[68px]"
          :class="current === slugOf(s) ? 'bg-paper ring-1 ring-line' : 'hover:bg-paper/60'"
          :aria-current="current === slugOf(s) ? 'step' : undefined"
        >
          <svg
            class="w-5 shrink-0 self-stretch"
            viewBox="0 0 20 68"
            preserveAspectRatio="none"
            aria-hidden="true"
          >
            <line
              v-if="s.stand === 'SETTLED'"
              x1="10"
              y1="0"
              x2="10"
              y2="68"
              class="stroke-madder"
              stroke-width="3"
              stroke-dasharray="11 6"
            />
            <line
              v-else-if="s.stand === 'OPEN'"
              x1="10"
              y1="0"
              x2="10"
              y2="68"
              class="stroke-muted"
              stroke-width="1.5"
              stroke-dasharray="2 5"
            />
            <path
              v-else
              d="M10 0v12c14 4 6 18 0 12s-8 12 0 14 14 8 4 16c-4 3-4 8-4 14"
              fill="none"
              class="stroke-stale"
              stroke-width="2.5"
            />
            <g v-if="s.station === next" class="stroke-ink" stroke-width="1.6" fill="none">
              <path d="M10 60 L10 34" />
              <ellipse cx="10" cy="37" rx="1.4" ry="3" />
            </g>
          </svg>
          <span class="py-1.5">
            <span class="block font-serif text-[17px] leading-6">{{ stationWords[s.station] }}</span>
            <span
              class="hidden text-sm leading-[18px] lg:block"
              :class="s.stand === 'STALE' ? 'text-stale' : 'text-muted'"
            >
              {{ s.sentence }}
            </span>
            <span class="text-sm lg:hidden" :class="s.stand === 'STALE' ? 'text-stale' : 'text-muted'">
              {{ s.stand === 'SETTLED' ? 'settled' : s.stand === 'STALE' ? 'loose' : 'to do' }}
            </span>
          </span>
        </RouterLink>
      </li>
    </ol>
  </nav>
</template>
