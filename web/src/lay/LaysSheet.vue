<script setup lang="ts">
import { BookmarkPlus, Eye, Trash2, Undo2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { ProjectView, Schemas } from '../api/client'
import PlainField from '../ui/PlainField.vue'
import LaySketch from './LaySketch.vue'
import { useKeptLays } from './useKeptLays'

/** The lay at work beside those that were kept: what each uses, leaves, keeps and costs. */
const { project } = defineProps<{
  project: ProjectView
  busy: boolean
  /** place of the kept lay that lies on the table to be looked at */
  shown?: number
}>()
const emit = defineEmits<{
  keep: [name: string]
  show: [index: number | undefined]
  takeUp: [index: number]
  letGo: [index: number]
}>()
const lays = computed(() => project.lays)
const kept = useKeptLays(() => project)
const name = ref('')
function keep() {
  emit('keep', name.value)
  name.value = ''
}
const rows: { words: string; of: (l: Schemas['LayFigures']) => string }[] = [
  { words: 'pieces that lie', of: (l) => `${l.placed} of ${l.wanted}` },
  { words: 'used', of: (l) => l.used },
  { words: 'left', of: (l) => l.left },
  { words: 'largest rectangle left', of: (l) => l.largest || '–' },
  { words: 'panels left whole', of: (l) => String(l.wholePanels) },
  { words: 'finished edges kept', of: (l) => String(l.keptEdges) },
  { words: 'minutes saved by them', of: (l) => String(Math.round(l.minutesSaved)) },
  { words: 'seams added', of: (l) => String(l.seamsAdded) },
]
</script>

<template>
  <div class="grid gap-4">
    <div v-if="lays.length" class="overflow-x-auto">
      <table class="w-full text-[15px]">
        <caption class="sr-only">
          Lays side by side
        </caption>
        <thead>
          <tr class="border-b border-line text-left align-bottom">
            <th scope="col" class="py-1 pr-2 font-normal text-muted">Lay</th>
            <th v-for="(l, i) in lays" :key="i" scope="col" class="px-2 py-1 font-semibold">
              {{ i === 0 ? 'at work' : l.name }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-if="project.lay && kept.length" class="border-b border-line align-top">
            <th scope="row" class="py-1 pr-2 text-left font-normal text-muted">as it lies</th>
            <td class="px-2 py-1"><LaySketch :lay="project.lay" name="The lay at work, small" /></td>
            <td v-for="(k, i) in kept" :key="i" class="px-2 py-1">
              <LaySketch :lay="k" :besides="project.lay" :name="`“${lays[i + 1]?.name}”, small`" />
            </td>
          </tr>
          <tr v-for="r in rows" :key="r.words" class="border-b border-line">
            <th scope="row" class="py-1 pr-2 text-left font-normal text-muted">{{ r.words }}</th>
            <td v-for="(l, i) in lays" :key="i" class="px-2 py-1 tabular-nums">{{ r.of(l) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="project.lay && kept.length" class="text-sm text-muted">
      Filled pieces lie otherwise than in the lay at work.
    </p>
    <ul class="grid gap-2">
      <li v-for="(l, i) in lays.slice(1)" :key="l.name" class="flex flex-wrap items-center gap-2">
        <span class="grow font-semibold">{{ l.name }}</span>
        <button class="act" :aria-pressed="shown === i" @click="emit('show', shown === i ? undefined : i)">
          <Eye :size="18" /> {{ shown === i ? 'Back to the lay' : 'Show' }}
        </button>
        <button class="act" :disabled="busy" @click="emit('takeUp', i)">
          <Undo2 :size="18" /> Take it up
        </button>
        <button class="act" :disabled="busy" :aria-label="`Let “${l.name}” go`" @click="emit('letGo', i)">
          <Trash2 :size="18" />
        </button>
      </li>
    </ul>
    <form class="flex items-end gap-2" @submit.prevent="keep">
      <PlainField v-model="name" class="grow" label="Keep this lay as" name="lay.name" />
      <button class="act" :disabled="busy || !name.trim()"><BookmarkPlus :size="18" /> Keep</button>
    </form>
    <p class="text-sm text-muted">
      A kept lay holds its panels and pieces too, so that a pieced one and a whole one can be weighed against
      each other.
    </p>
  </div>
</template>
