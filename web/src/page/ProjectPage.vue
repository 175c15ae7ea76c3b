<script setup lang="ts">
import { provideProblem } from '../ui/problem'
import { Redo2, Undo2 } from '@lucide/vue'
import { useEventListener, useTitle } from '@vueuse/core'
import { computed, defineAsyncComponent, provide, watchEffect, type Component } from 'vue'
import { useRouter } from 'vue-router'
import LampSwitch from '../ui/LampSwitch.vue'
import SheetMenu from './SheetMenu.vue'
import StationThread from './StationThread.vue'
import { handKey } from '../project/hand'
import { nextOf, slugOf, stationSlugs, stationWords } from '../project/stations'
import UnreadablePage from './UnreadablePage.vue'
import { useProject } from '../project/useProject'

const { id, station } = defineProps<{ id: string; station: string }>()
const hand = useProject(() => id)
provide(handKey, hand)
provideProblem(hand.problem)
const { project, failure, busy } = hand
const router = useRouter()

const doors: Record<string, () => Promise<Component>> = {
  aim: () => import('../aim/AimStation.vue'),
  source: () => import('../source/SourceStation.vue'),
  'take-apart': () => import('../unpick/TakeApartStation.vue'),
  panels: () => import('../panels/PanelsStation.vue'),
  pieces: () => import('../pieces/PiecesStation.vue'),
  lay: () => import('../lay/LayStation.vue'),
  make: () => import('../make/MakeStation.vue'),
  log: () => import('../log/LogStation.vue'),
}
const rooms = Object.fromEntries(
  Object.entries(doors).map(([slug, door]) => [slug, defineAsyncComponent(door)] as const),
)
const room = computed(() => (Object.hasOwn(rooms, station) ? rooms[station] : undefined))
// The station's script is fetched beside the project, not after it; that it cannot be is told where it is shown.
if (Object.hasOwn(doors, station)) doors[station]?.().catch(() => undefined)
// Without a station in the address the page opens where the work stands.
watchEffect(() => {
  const state = project.value && (nextOf(project.value.stations) ?? project.value.stations.at(-1))
  if (!station && state) void router.replace({ name: 'station', params: { id, station: slugOf(state) } })
})
const words = computed(() => Object.entries(stationSlugs).find(([, slug]) => slug === station)?.[0])
useTitle(() =>
  [words.value && stationWords[words.value as keyof typeof stationWords], project.value?.name, 'Hand Down']
    .filter(Boolean)
    .join(' · '),
)

useEventListener('keydown', (e: KeyboardEvent) => {
  const typing = (e.target as HTMLElement).closest('input, textarea, select')
  if (!(e.ctrlKey || e.metaKey) || typing || e.key.toLowerCase() !== 'z') return
  e.preventDefault()
  void (e.shiftKey ? hand.redo() : hand.undo())
})
</script>

<template>
  <UnreadablePage v-if="failure && !project" :id="id" :problem="failure" />
  <div v-else class="flex min-h-screen flex-col lg:h-screen">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line bg-paper px-4 py-2">
      <RouterLink to="/" class="font-serif text-xl text-madder" title="Back to the household"
        >Hand Down</RouterLink
      >
      <h1 class="grow truncate text-xl">{{ project?.name }}</h1>
      <button
        class="act"
        :disabled="!project?.undoWhat || busy"
        :title="project?.undoWhat ? `Take back: ${project.undoWhat} (Ctrl Z)` : 'Nothing to take back'"
        @click="hand.undo()"
      >
        <Undo2 :size="18" /> Undo
      </button>
      <button
        class="act"
        :disabled="!project?.redoWhat || busy"
        :title="
          project?.redoWhat ? `Bring again: ${project.redoWhat} (Ctrl Shift Z)` : 'Nothing to bring again'
        "
        @click="hand.redo()"
      >
        <Redo2 :size="18" /> Redo
      </button>
      <RouterLink class="act" to="/words" title="What do you call it?">Words</RouterLink>
      <SheetMenu v-if="project" :project="project" />
      <LampSwitch />
    </header>
    <div class="grid grow gap-3 p-3 lg:min-h-0 lg:grid-cols-[212px_minmax(0,1fr)]">
      <StationThread
        v-if="project"
        class="lg:overflow-y-auto"
        :states="project.stations"
        :current="station"
        :project-id="id"
      />
      <div v-else class="min-w-34" />
      <component
        :is="room"
        v-if="project && room"
        :key="id + station + project.inHand"
        :project="project"
        class="min-h-0"
      />
      <div v-else-if="project && station" class="p-6">
        <h2 class="text-2xl">There is no such station</h2>
        <p class="my-3">The address names a place that the thread does not pass.</p>
        <RouterLink class="act act-main" :to="{ name: 'project', params: { id } }"
          >Go on with the work</RouterLink
        >
      </div>
    </div>
  </div>
</template>
