<script setup lang="ts">
import { Redo2, Undo2 } from '@lucide/vue'
import { useEventListener } from '@vueuse/core'
import { computed, defineAsyncComponent, provide, type Component } from 'vue'
import ProblemNote from '../ui/ProblemNote.vue'
import LampSwitch from '../ui/LampSwitch.vue'
import SheetMenu from './SheetMenu.vue'
import StationThread from './StationThread.vue'
import { handKey } from './hand'
import { useProject } from './useProject'

const { id, station } = defineProps<{ id: string; station: string }>()
const hand = useProject(() => id)
provide(handKey, hand)
const { project, failure, problem, busy } = hand

const rooms: Record<string, Component> = {
  aim: defineAsyncComponent(() => import('../aim/AimStation.vue')),
  source: defineAsyncComponent(() => import('../source/SourceStation.vue')),
  'take-apart': defineAsyncComponent(() => import('../unpick/TakeApartStation.vue')),
  panels: defineAsyncComponent(() => import('../panels/PanelsStation.vue')),
  pieces: defineAsyncComponent(() => import('../pieces/PiecesStation.vue')),
  lay: defineAsyncComponent(() => import('../lay/LayStation.vue')),
  make: defineAsyncComponent(() => import('../make/MakeStation.vue')),
  log: defineAsyncComponent(() => import('../log/LogStation.vue')),
}
const room = computed(() => rooms[station])

useEventListener('keydown', (e: KeyboardEvent) => {
  const typing = (e.target as HTMLElement).closest('input, textarea, select')
  if (!(e.ctrlKey || e.metaKey) || typing || e.key.toLowerCase() !== 'z') return
  e.preventDefault()
  void (e.shiftKey ? hand.redo() : hand.undo())
})
</script>

<template>
  <main v-if="failure" class="grid min-h-screen place-items-center p-6">
    <div class="slip max-w-md p-6" role="alert">
      <h1 class="text-2xl">{{ failure.title }}</h1>
      <p class="my-3">{{ failure.detail }}</p>
      <RouterLink to="/" class="act act-main">Back to the household</RouterLink>
    </div>
  </main>
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
      <component :is="room" v-if="project && room" :key="id + station" :project="project" class="min-h-0" />
      <p v-else-if="project" class="p-6">There is no such station.</p>
    </div>
    <ProblemNote
      :problem="problem?.field && station !== 'lay' && station !== 'make' ? undefined : problem"
      @close="problem = undefined"
    />
  </div>
</template>
