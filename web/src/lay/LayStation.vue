<script setup lang="ts">
import { FlipHorizontal2, RotateCw, Undo2 } from '@lucide/vue'
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import type { ProjectView } from '../api/client'
import { boundsOf } from '../drawing/paths'
import EnoughNote from '../pieces/EnoughNote.vue'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import StaleNote from '../ui/StaleNote.vue'
import LayTable from './LayTable.vue'
import RunSlip from './RunSlip.vue'
import SureNote from './SureNote.vue'
import { turned, turnedOver } from './placement'
import { useFitRun } from './useFitRun'
import { useHandLay, type Held } from './useHandLay'

const { project } = defineProps<{ project: ProjectView }>()
const hand = useHand()
const run = useFitRun(project.id, hand.refetch)
const { progress, best, running } = run
const { verdict, ask, put, takeOff } = useHandLay(() => project.id, hand)
const picked = ref<Held>()
const seconds = ref(20)
onMounted(run.resume)

const lay = computed(() => best.value ?? project.lay)
const state = computed(() => project.stations.find((s) => s.station === 'LAY'))
const canLay = computed(() => project.panels.length > 0 && !!project.pieces)
const upstream = computed(() =>
  project.stations.find((s) => (s.station === 'PANELS' || s.station === 'PIECES') && s.stand === 'STALE'),
)
const placed = computed(() =>
  project.lay?.placed.find((p) => p.piece === picked.value?.piece && p.copy === picked.value.copy),
)

function pick(held: Held | undefined) {
  picked.value = held
  verdict.value = undefined
}
async function drop(held: Held) {
  await put(held)
}
function middle() {
  const b = boundsOf([placed.value?.ring ?? []])
  return { x: (b.minX + b.maxX) / 2, y: (b.minY + b.maxY) / 2 }
}
async function change(to: (at: Held) => Partial<Held>) {
  const p = placed.value
  if (!p || running.value) return
  const at: Held = {
    piece: p.piece,
    copy: p.copy,
    variant: p.variant,
    panel: p.panel,
    x: p.x,
    y: p.y,
    rotation: p.rotation,
    mirrored: p.mirrored,
  }
  await put({ ...at, ...to(at) })
}
const turn = (deg: number) => change((at) => turned(at, deg, middle().x, middle().y))
const turnOver = () => change((at) => turnedOver(at, middle().x))
const nudge = (dx: number, dy: number) => change((at) => ({ x: at.x + dx, y: at.y + dy }))

useEventListener('keydown', (e: KeyboardEvent) => {
  if (!placed.value || (e.target as HTMLElement).closest('input, select, textarea')) return
  const far = e.shiftKey ? 10 : 1
  const keys: Record<string, () => void> = {
    ArrowLeft: () => nudge(-far, 0),
    ArrowRight: () => nudge(far, 0),
    ArrowUp: () => nudge(0, far),
    ArrowDown: () => nudge(0, -far),
    r: () => turn(180),
    m: turnOver,
    Escape: () => pick(undefined),
  }
  const act = keys[e.key]
  if (!act || e.ctrlKey || e.metaKey) return
  e.preventDefault()
  act()
})
</script>

<template>
  <StationFrame title="Lay" lead="The pieces on the cloth, computed, then yours to move.">
    <template #table>
      <LayTable
        v-if="lay"
        :lay="lay"
        :cloth="project.source?.cloth"
        :picked="picked"
        :verdict="verdict"
        :inches="project.unit === 'INCH'"
        :still="running"
        @pick="pick"
        @hold="ask"
        @drop="drop"
      />
      <EmptyTable
        v-else
        :text="
          canLay
            ? 'Panels and pieces are ready. Let them be laid.'
            : 'Panels and pieces come first: free the legs, then draft.'
        "
      />
    </template>
    <StaleNote
      v-if="upstream"
      :sentence="`${upstream.station === 'PANELS' ? 'Panels' : 'Pieces'}: ${upstream.sentence}`"
      redo="Go there first"
      @redo="
        $router.push({ name: 'station', params: { id: project.id, station: upstream.station.toLowerCase() } })
      "
    />
    <StaleNote
      v-else-if="state?.stand === 'STALE' && !running"
      :sentence="state.sentence + ' What you see is the old lay; lay the pieces again.'"
    />
    <EnoughNote
      v-if="project.enough && project.enough.verdict !== 'LIKELY' && !upstream"
      :enough="project.enough"
    />
    <div class="grid gap-4">
      <RunSlip
        v-model:seconds="seconds"
        :running="running"
        :progress="progress"
        :can-lay="canLay && !upstream"
        :problem="run.problem.value"
        :again="!!project.lay"
        @start="run.start(seconds)"
        @stop="run.stop"
      />
      <dl v-if="lay" class="grid grid-cols-3 gap-2 text-center">
        <div>
          <dt class="text-sm text-muted">used</dt>
          <dd class="font-serif text-xl">{{ lay.usedArea }}</dd>
        </div>
        <div>
          <dt class="text-sm text-muted">left</dt>
          <dd class="font-serif text-xl">{{ lay.leftArea }}</dd>
        </div>
        <div>
          <dt class="text-sm text-muted">finished edges kept</dt>
          <dd class="font-serif text-xl">{{ lay.keptHems }}</dd>
        </div>
      </dl>
      <p v-if="lay && lay.keptHems > 0" class="text-sm text-muted">
        {{ Math.round(lay.utilisation * 100) }} % of {{ lay.clothArea }}; the kept edges save about
        {{ Math.round(lay.minutesSaved) }} minutes.
      </p>
      <SureNote
        v-if="project.sureness && !running && state?.stand !== 'STALE'"
        :sureness="project.sureness"
        @lay-surely="run.start(seconds, true)"
      />
      <section v-if="placed" class="border-y border-line py-3" aria-live="polite">
        <h3 class="text-xl first-letter:uppercase">{{ placed.name }} {{ placed.copy + 1 }}</h3>
        <p class="text-muted">
          {{ placed.variant }}{{ placed.mirrored ? ', mirrored' : ', as drawn' }}, on the
          {{ placed.panel.replace('-', ' ') }} panel
        </p>
        <div class="mt-2 flex flex-wrap gap-2">
          <button class="act" title="R" :disabled="running" @click="turn(180)">
            <RotateCw :size="18" /> Turn round
          </button>
          <button class="act" :disabled="running" @click="turn(90)"><RotateCw :size="18" /> Quarter</button>
          <button class="act" title="M" :disabled="running" @click="turnOver">
            <FlipHorizontal2 :size="18" /> Turn over
          </button>
          <button class="act" :disabled="running" @click="picked && takeOff(picked)">
            <Undo2 :size="18" /> Take off
          </button>
          <button
            v-for="v in placed.variants.filter((v) => v !== placed?.variant)"
            :key="v"
            class="act"
            :disabled="running"
            @click="change(() => ({ variant: v }))"
          >
            {{ v }}
          </button>
        </div>
        <p class="mt-2 text-sm text-muted">Arrow keys move by 1 mm, with Shift by 10 mm.</p>
      </section>
      <p v-else-if="project.lay && !running" class="border-y border-line py-3 text-muted">
        Pick a piece up to move it; it goes where no rule forbids it.
      </p>
      <section v-if="lay && lay.unplaced.length">
        <h3 class="text-lg">Without a place</h3>
        <ul>
          <li v-for="u in lay.unplaced" :key="u.piece + u.copy" class="border-t border-line py-1">
            <b class="first-letter:uppercase">{{ u.name }} {{ u.copy + 1 }}</b
            >: {{ u.reason }}
          </li>
        </ul>
      </section>
      <section v-if="lay && lay.remnants.length">
        <h3 class="text-lg">What is left</h3>
        <p class="text-sm text-muted">Largest rectangles along the grain, width × length:</p>
        <ul class="grid grid-cols-2 gap-x-4 text-[15px]">
          <li v-for="(r, i) in lay.remnants.slice(0, 8)" :key="i">
            {{ r.size }} <span class="text-sm text-muted">{{ r.panel.replace('-', ' ') }}</span>
          </li>
        </ul>
      </section>
      <p class="text-sm text-muted">
        Cutting: close the blade when you put it down, cut away from the other hand. Before the first cut, see
        the gate at Make.
      </p>
    </div>
  </StationFrame>
</template>
