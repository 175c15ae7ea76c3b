<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import type { ProjectView } from '../api/client'
import { boundsOf } from '../drawing/paths'
import EnoughNote from '../project/EnoughNote.vue'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import SlipTabs from '../ui/SlipTabs.vue'
import StaleNote from '../ui/StaleNote.vue'
import HelpSlip from './HelpSlip.vue'
import HowFarSheet from './HowFarSheet.vue'
import LaysSheet from './LaysSheet.vue'
import LayTable from './LayTable.vue'
import LeftSheet from './LeftSheet.vue'
import PickedSlip from './PickedSlip.vue'
import RunSlip from './RunSlip.vue'
import SureNote from './SureNote.vue'
import UnplacedList from './UnplacedList.vue'
import { turned, turnedOver } from './placement'
import { useFitRun } from './useFitRun'
import { useHandLay, type Held } from './useHandLay'
import { useOtherLays } from './useOtherLays'

const { project } = defineProps<{ project: ProjectView }>()
const hand = useHand()
const run = useFitRun(project.id, hand.refetch)
const { progress, best, running, finding, help } = run
const laying = useHandLay(() => project.id, hand)
const picked = ref<Held>()
const seconds = ref(20)
/** Remnants that are ticked for the stash, by their place. */
const ticked = ref<number[]>([])
onMounted(run.resume)

const others = useOtherLays(() => project.id, hand, run.show)
const { looked, look, lookedAt } = others
const lay = computed(() => looked.value?.lay ?? best.value ?? project.lay)
const still = computed(() => running.value || !!looked.value)
const state = computed(() => project.stations.find((s) => s.station === 'LAY'))
/** Panels of a source, what comes off one that stays sewn, or cloth that lies flat already. */
const canLay = computed(
  () =>
    !!project.pieces &&
    (project.panels.length > 0 ||
      project.cloths.some((c) => c.kind === 'SHEET') ||
      (project.altered?.panels ?? 0) > 0),
)
const upstream = computed(() =>
  project.stations.find((s) => (s.station === 'PANELS' || s.station === 'PIECES') && s.stand === 'STALE'),
)
const placed = computed(() =>
  looked.value
    ? undefined
    : project.lay?.placed.find((p) => p.piece === picked.value?.piece && p.copy === picked.value.copy),
)
const tabs = computed(() => [
  { id: 'lay', name: 'Lay' },
  { id: 'lays', name: 'Compare', note: project.lays.length > 1 ? String(project.lays.length) : undefined },
  { id: 'far', name: 'How far' },
  { id: 'left', name: 'Left over' },
])
watch(
  () => project.version,
  () => {
    looked.value = undefined
    ticked.value = []
    void run.reopen()
  },
)

function pick(held: Held | undefined) {
  picked.value = held
  laying.verdict.value = undefined
}
function middle() {
  const b = boundsOf([placed.value?.ring ?? []])
  return { x: (b.minX + b.maxX) / 2, y: (b.minY + b.maxY) / 2 }
}
async function change(to: (at: Held) => Partial<Held>) {
  const p = placed.value
  if (!p || still.value) return
  const { piece, copy, variant, panel, x, y, rotation, mirrored } = p
  const at: Held = { piece, copy, variant, panel, x, y, rotation, mirrored }
  await laying.store({ ...at, ...to(at) })
}
const turn = (deg: number) => change((at) => turned(at, deg, middle().x, middle().y))
const turnOver = () => change((at) => turnedOver(at, middle().x))
const nudge = (dx: number, dy: number) => change((at) => ({ x: at.x + dx, y: at.y + dy }))
const pin = (pinned: boolean) => picked.value && !still.value && laying.pin(picked.value, pinned)

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
    p: () => pin(!placed.value?.pinned),
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
        :picked="picked"
        :verdict="laying.verdict.value"
        :glided="laying.glided.value"
        :why="laying.held.value ? laying.why(laying.held.value) : ''"
        :inches="project.unit === 'INCH'"
        :marked="(lay.remnants ?? []).filter((_, i) => ticked.includes(i))"
        :still="still"
        @pick="pick"
        @hold="laying.hold"
        @drop="laying.put"
        @free="laying.letGo"
      />
      <EmptyTable
        v-else
        :text="
          canLay
            ? 'Cloth and pieces are ready. Let them be laid.'
            : 'Cloth that lies flat and pieces come first: measure the panels, or bring cloth at Source; then draft.'
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
    <p v-if="looked" class="mb-3 text-stale" role="status">
      You are looking at {{ looked.of === 'help' ? 'a find' : 'a kept lay' }}; nothing of it is stored yet.
      <button class="act ml-1" @click="look('help', undefined)">Back to the lay</button>
    </p>
    <HelpSlip
      v-if="finding"
      class="mb-4"
      :progress="progress"
      :help="help"
      :finding="finding"
      @stop="run.stop"
    />
    <SlipTabs :tabs="tabs">
      <template #lay>
        <div class="grid gap-4">
          <RunSlip
            v-if="!finding"
            v-model:seconds="seconds"
            :running="running"
            :progress="progress?.kind === 'LAY' ? progress : undefined"
            :can-lay="canLay && !upstream"
            :problem="run.problem.value"
            :again="!!project.lay"
            :lost="run.lost.value"
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
          <UnplacedList
            v-if="lay && lay.unplaced.length"
            :unplaced="lay.unplaced"
            :can-ask="!still && !!project.lay && state?.stand !== 'STALE'"
            @help="run.whatHelps"
          />
          <HelpSlip
            v-if="!finding && help?.kind === 'REMEDIES'"
            :help="help"
            :finding="false"
            :shown="lookedAt('help')"
            @show="(i) => look('help', i)"
            @take="others.takeHelp"
          />
          <SureNote
            v-if="project.sureness && !running && state?.stand !== 'STALE'"
            :sureness="project.sureness"
            @lay-surely="run.start(seconds, true)"
          />
          <details v-if="lay?.thick.length" class="text-[15px]">
            <summary class="min-h-8 cursor-pointer text-stale">
              {{ lay.thick.length === 1 ? 'One stitch line runs' : `${lay.thick.length} stitch lines run` }}
              through several layers
            </summary>
            <ul class="list-disc pl-5">
              <li v-for="t in lay.thick" :key="t">{{ t }}</li>
            </ul>
          </details>
          <PickedSlip
            v-if="placed"
            :placed="placed"
            :still="still"
            @turn="turn"
            @turn-over="turnOver"
            @take-off="picked && laying.takeOff(picked)"
            @pin="pin"
            @variant="(variant) => change(() => ({ variant }))"
          />
          <p v-else-if="project.lay && !still" class="border-y border-line py-3 text-muted">
            Pick a piece up to move it: it glides where no rule forbids it, and a pinned one stays when the
            rest is laid again.
          </p>
          <p class="text-sm text-muted">
            Cutting: close the blade when you put it down, cut away from the other hand. Before the first cut,
            see the gate at Make.
          </p>
        </div>
      </template>
      <template #lays>
        <LaysSheet
          :project="project"
          :busy="running || hand.busy.value"
          :shown="lookedAt('kept')"
          @keep="others.keep"
          @show="(i) => look('kept', i)"
          @take-up="others.takeUp"
          @let-go="others.letGo"
        />
      </template>
      <template #far>
        <HowFarSheet
          :project="project"
          :busy="running"
          :problem="run.problem.value"
          @large="run.howLarge"
          @little="run.howLittle"
        />
        <HelpSlip
          v-if="!finding && help?.kind && help.kind !== 'REMEDIES'"
          class="mt-4"
          :help="help"
          :finding="false"
          :shown="lookedAt('help')"
          @show="(i) => look('help', i)"
          @take="others.takeHelp"
        />
      </template>
      <template #left
        ><LeftSheet v-model:taken="ticked" :remnants="lay?.remnants ?? []" :stash="others.stash"
      /></template>
    </SlipTabs>
  </StationFrame>
</template>
