<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import SourceDrawing from '../drawing/SourceDrawing.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import SlipTabs from '../ui/SlipTabs.vue'
import StaleNote from '../ui/StaleNote.vue'
import AlterSheet from './AlterSheet.vue'
import AlterTable from './AlterTable.vue'
import BringSheet from './BringSheet.vue'
import ChangesSheet from './ChangesSheet.vue'
import DraftSheet from './DraftSheet.vue'
import EnoughNote from '../project/EnoughNote.vue'
import HandPiece from './HandPiece.vue'
import KeepSheet from './KeepSheet.vue'
import LedgerSheet from './LedgerSheet.vue'
import LetOutSheet from './LetOutSheet.vue'
import LetOutTable from './LetOutTable.vue'
import LevelsTable from './LevelsTable.vue'
import SeamsSheet from './SeamsSheet.vue'
import SizesSheet from './SizesSheet.vue'
import SumsSheet from './SumsSheet.vue'
import CopySheet from './CopySheet.vue'
import NeckSheet from './NeckSheet.vue'
import NeckTable from './NeckTable.vue'
import PassageSheet from './PassageSheet.vue'
import TakeInSheet from './TakeInSheet.vue'
import TakeInTable from './TakeInTable.vue'
import PiecesTable from './PiecesTable.vue'

const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const picked = ref<string>()
const edge = ref<string>()
const seam = ref<string>()
/** Edges that were tapped to be sewn together, while seams are told. */
const tapped = ref<{ piece: string; edge: string }[]>([])
const state = computed(() => project.stations.find((s) => s.station === 'PIECES'))
const piece = computed(() => project.pieces?.pieces.find((p) => p.id === picked.value))
const redo = () => change((params) => api.POST('/api/projects/{id}/pieces/redo', { params }))
const garment = computed(() => project.aim.garment)
const orders = computed(() => project.pieces?.orders ?? [])
const walked = computed(() => project.pieces?.walks.find((w) => w.name === seam.value))
const served = computed(() => project.keep.wants.filter((w) => w.use).length)
const opened = ref<string>()
const shown = ref<'folds' | 'inserts'>('inserts')
/** Which change of a garment that stays sewn is open; none of them, and the table shows first and last. */
const alteration = ref(-1)
const showsAfter = ref(false)
const alterationShown = computed(() =>
  alteration.value >= 0 ? alteration.value : showsAfter.value ? (project.altered?.steps.length ?? 1) - 1 : 0,
)
function openAlteration(step: number) {
  alteration.value = step
  showsAfter.value = false
}
type Place = Schemas['AskView'] & { type: 'END' | 'SEAM' | 'PART' }
/** What the open change asks of the garment: a tap on the drawing answers it. */
const asksPlace = computed(() =>
  showsAfter.value
    ? undefined
    : project.altered?.steps[alteration.value]?.asks.find((a): a is Place =>
        ['END', 'SEAM', 'PART'].includes(a.type),
      ),
)
function tapPlace(id: string) {
  const step = project.altered?.steps[alteration.value]
  const ask = asksPlace.value
  if (!step || !ask || id === ask.text || !ask.options.some((o) => o.id === id)) return
  void change(({ path, query }) =>
    api.PUT('/api/projects/{id}/alterations/{alteration}', {
      params: { path: { ...path, alteration: step.id }, query },
      body: { picks: { [ask.id]: id } },
    }),
  )
}
const rings = computed(() => project.workings.passages)
const note = (all: unknown[] | undefined) => (all?.length ? String(all.length) : undefined)
const cutOut = computed(() => [
  // Sheets never change places while one works; what comes first is settled by the aim alone.
  ...(project.aim.draft ? [{ id: 'draft', name: 'Draft' }] : []),
  { id: 'pieces', name: 'Pieces' },
  { id: 'sizes', name: 'Sizes' },
  { id: 'seams', name: 'Seams', note: note(project.pieces?.walks.filter((w) => !w.agrees)) },
  { id: 'changes', name: 'Changes', note: note(project.pieces?.changes) },
  { id: 'keep', name: 'What lives on', note: `${served.value} of ${project.keep.wants.length}` },
  ...(project.aim.draft ? [] : [{ id: 'draft', name: 'Draft' }]),
  { id: 'bring', name: 'Bring in' },
  { id: 'copy', name: 'Copy' },
])
const ALTERED = { LET_OUT: 'Let out', TAKE_IN: 'Take in', ALTER: 'Changes' } as const
const tabs = computed(() => [
  ...(project.aim.cutOut
    ? cutOut.value
    : [{ id: 'alter', name: ALTERED[garment.value as keyof typeof ALTERED] }]),
  { id: 'passage', name: 'Goes on?', note: note(rings.value) },
  { id: 'neck', name: 'Neck', note: note(project.workings.necklines) },
  { id: 'sums', name: 'Sums' },
])
const open = computed(() => tabs.value.find((t) => t.id === opened.value)?.id ?? tabs.value[0]?.id)
const lead = computed(() =>
  garment.value === 'LET_OUT'
    ? 'The cloth hidden in pleats, darts, seams and hem, and what letting it out gives.'
    : garment.value === 'ALTER'
      ? 'The garment stays sewn. Solid red: a cut. Dashes and dots: a fold or a new seam. Red cloth comes off.'
      : garment.value === 'TAKE_IN'
        ? 'Where it was pinned, and what that does. Stitches in red: the new seam. Solid red: a cut.'
        : open.value === 'sizes'
          ? 'Level by level: the body filled, the garment stitched round it, both to one scale.'
          : walked.value
            ? 'The walked seam: one side red, the other green and dashed. Both must agree, or differ as stated.'
            : orders.value.length
              ? 'Drafted from the measures. Solid line: cut. Stitches: sew. Click an edge for its ledger.'
              : 'Pieces as you enter them or bring them in. Solid line: cut. Stitches: sew. Woven line: may lie on something finished.',
)
/** The seams that letting out opens, as on the source; nothing of it is decided yet at Take apart. */
const asOpened = computed(() => {
  const opens = new Set(project.letOut?.openings.map((o) => o.join))
  return (project.takeApart?.joins ?? []).map((j) => ({
    ...j,
    decision: opens.has(j.id) ? ('UNPICK' as const) : ('LEAVE' as const),
  }))
})
/** Both sides of the seam that is walked, or of the one that is being told. */
const marked = computed(() =>
  walked.value
    ? { ones: walked.value.ones, others: walked.value.others }
    : { ones: tapped.value.slice(0, 1), others: tapped.value.slice(1) },
)
function walk(name: string) {
  seam.value = seam.value === name ? undefined : name
  tapped.value = []
}
function pick(id: string) {
  picked.value = id || undefined
  edge.value = undefined
}
function pickEdge(id: string, name: string) {
  if (open.value === 'seams') {
    seam.value = undefined
    tapped.value = [...(tapped.value.length > 1 ? [] : tapped.value), { piece: id, edge: name }]
    return
  }
  picked.value = id
  edge.value = name
}
</script>

<template>
  <StationFrame title="Pieces" :lead="lead">
    <template #table>
      <NeckTable
        v-if="open === 'neck' && project.workings.necklines.length"
        :necklines="project.workings.necklines"
        :inches="project.unit === 'INCH'"
      />
      <AlterTable
        v-else-if="project.altered && project.source"
        :altered="project.altered"
        :source="project.source"
        :step="alterationShown"
        :after="showsAfter"
        :pick="asksPlace?.type"
        :picked="asksPlace?.text"
        :inches="project.unit === 'INCH'"
        @pick="tapPlace"
      />
      <TakeInTable
        v-else-if="garment === 'TAKE_IN' && project.source && project.takeApart"
        :source="project.source"
        :joins="project.takeApart.joins"
        :take-in="project.takeIn"
        :inches="project.unit === 'INCH'"
      />
      <PiecesTable
        v-else-if="project.letOut?.inserts && project.pieces && shown === 'inserts'"
        :pieces="project.pieces.pieces"
        :inches="project.unit === 'INCH'"
      />
      <LetOutTable
        v-else-if="project.letOut?.refolds.length"
        :let-out="project.letOut"
        :inches="project.unit === 'INCH'"
      />
      <SourceDrawing
        v-else-if="garment === 'LET_OUT' && project.source && project.takeApart"
        :source="project.source"
        :joins="asOpened"
        :inches="project.unit === 'INCH'"
      />
      <LevelsTable
        v-else-if="open === 'sizes' && project.pieces?.sizes.some((s) => s.kind !== 'LENGTH' && s.bodyMm > 0)"
        :sizes="project.pieces.sizes"
        :inches="project.unit === 'INCH'"
      />
      <PiecesTable
        v-else-if="project.pieces?.pieces.length"
        :pieces="project.pieces.pieces"
        :picked="picked"
        :edge="edge"
        :ones="open === 'seams' ? marked.ones : []"
        :others="open === 'seams' ? marked.others : []"
        :inches="project.unit === 'INCH'"
        @pick="pick"
        @edge="pickEdge"
      />
      <EmptyTable
        v-else-if="project.aim.cutOut && !project.aim.draft && project.aim.settled"
        text="Enter the first piece by its corners, bring in a drawing, or draft something."
      />
      <EmptyTable
        v-else-if="!project.aim.cutOut"
        text="Say first what the source is; then what is to change."
      />
      <EmptyTable v-else text="The pieces follow from the body. Settle the aim first.">
        <button v-if="project.aim.settled" class="act act-main" :disabled="busy" @click="redo">
          Draft the pieces
        </button>
      </EmptyTable>
    </template>
    <StaleNote
      v-if="state?.stand === 'STALE'"
      :sentence="state.sentence"
      redo="Draft the pieces anew"
      :busy="busy"
      @redo="redo"
    />
    <EnoughNote v-if="project.enough && state?.stand !== 'STALE'" :enough="project.enough" />
    <div v-if="project.letOut?.inserts" class="mb-3 flex gap-2" role="group" aria-label="On the table">
      <button class="act" :aria-pressed="shown === 'folds'" @click="shown = 'folds'">The folds</button>
      <button class="act" :aria-pressed="shown === 'inserts'" @click="shown = 'inserts'">The inserts</button>
    </div>
    <div v-if="project.altered?.steps.length" class="mb-3 flex gap-2" role="group" aria-label="On the table">
      <button class="act" :aria-pressed="!showsAfter" @click="showsAfter = false">
        {{ alteration < 0 ? 'As it is' : 'The lines' }}
      </button>
      <button class="act" :aria-pressed="showsAfter" @click="showsAfter = true">
        {{ alteration < 0 ? 'As it will be' : 'After it' }}
      </button>
    </div>
    <SlipTabs :tabs="tabs" @open="(id) => (opened = id)">
      <template #alter>
        <AlterSheet
          v-if="project.altered"
          :altered="project.altered"
          :step="alteration"
          @open="openAlteration"
        />
        <p v-else-if="garment === 'ALTER'" class="text-muted">
          Say first at <RouterLink :to="{ params: { station: 'source' } }">Source</RouterLink> what garment it
          is.
        </p>
        <LetOutSheet v-else-if="garment === 'LET_OUT'" :project="project" />
        <TakeInSheet v-else :project="project" />
      </template>
      <template #copy><CopySheet :project="project" /></template>
      <template #passage><PassageSheet :project="project" /></template>
      <template #neck><NeckSheet :project="project" /></template>
      <template #sums><SumsSheet :project="project" /></template>
      <template #keep><KeepSheet :project="project" /></template>
      <template #draft>
        <DraftSheet
          :orders="orders"
          :notes="project.pieces?.notes ?? []"
          :cautions="project.pieces?.cautions ?? []"
        />
      </template>
      <template #sizes>
        <SizesSheet
          :sizes="project.pieces?.sizes ?? []"
          :openings="project.putOn"
          :needs="project.pieces?.needs ?? []"
        />
      </template>
      <template #seams>
        <SeamsSheet
          :walks="project.pieces?.walks ?? []"
          :picked="seam"
          :proposed="project.pieces?.proposed ?? []"
          :pieces="project.pieces?.pieces ?? []"
          :tapped="tapped"
          :crossings="project.crossings"
          @sewn="tapped = []"
          @pick="walk"
        />
      </template>
      <template #changes>
        <ChangesSheet
          :pieces="project.pieces?.pieces ?? []"
          :changes="project.pieces?.changes ?? []"
          :log="project.log"
        />
      </template>
      <template #bring><BringSheet :project="project" /></template>
      <template #pieces>
        <div class="grid gap-4">
          <LedgerSheet v-if="piece" :piece="piece" :edge="edge" @edge="(name) => (edge = name)" />
          <p v-else-if="orders.length" class="text-muted">Pick a piece to see its allowances.</p>
          <component
            :is="orders.length && !piece?.byHand ? 'details' : 'div'"
            class="border-t border-line pt-2"
          >
            <summary v-if="orders.length && !piece?.byHand" class="min-h-8 cursor-pointer">
              Enter a piece by its corners
            </summary>
            <HandPiece
              :key="(piece?.byHand && piece.id) || 'new'"
              :piece="piece?.byHand ? piece : undefined"
              @saved="(id) => pick(id ?? '')"
            />
          </component>
        </div>
      </template>
    </SlipTabs>
  </StationFrame>
</template>
