<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type ProjectView } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import SlipTabs from '../ui/SlipTabs.vue'
import StaleNote from '../ui/StaleNote.vue'
import EnoughNote from './EnoughNote.vue'
import HandPiece from './HandPiece.vue'
import KeepSheet from './KeepSheet.vue'
import LetOutSheet from './LetOutSheet.vue'
import LetOutTable from './LetOutTable.vue'
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
const state = computed(() => project.stations.find((s) => s.station === 'PIECES'))
const piece = computed(() => project.pieces?.pieces.find((p) => p.id === picked.value))
const redo = () => change((params) => api.POST('/api/projects/{id}/pieces/redo', { params }))
const garment = computed(() => project.aim.garment)
const served = computed(() => project.keep.wants.filter((w) => w.use).length)
const open = ref('pieces')
const shown = ref<'folds' | 'inserts'>('inserts')
const rings = computed(() => project.workings.passages)
const note = (all: unknown[]) => (all.length ? String(all.length) : undefined)
const tabs = computed(() => [
  ...(project.aim.cutOut
    ? [
        { id: 'pieces', name: 'Pieces' },
        { id: 'keep', name: 'What lives on', note: `${served.value} of ${project.keep.wants.length}` },
        ...(garment.value === 'BY_HAND' ? [{ id: 'copy', name: 'Copy' }] : []),
      ]
    : [{ id: 'alter', name: garment.value === 'LET_OUT' ? 'Let out' : 'Take in' }]),
  { id: 'passage', name: 'Goes on?', note: note(rings.value) },
  { id: 'neck', name: 'Neck', note: note(project.workings.necklines) },
])
const lead = computed(() =>
  garment.value === 'LET_OUT'
    ? 'The cloth hidden in pleats, darts, seams and hem, and what letting it out gives.'
    : garment.value === 'TAKE_IN'
      ? 'Where it was pinned, and what that does. Stitches in red: the new seam. Solid red: a cut.'
      : garment.value === 'BY_HAND'
        ? 'Pieces as you enter them. Solid line: cut. Stitches: sew. Woven line: may lie on something finished.'
        : 'Dungarees drafted from the measures. Solid line: cut. Stitches: sew. The tinted part lies under a patch.',
)
</script>

<template>
  <StationFrame title="Pieces" :lead="lead">
    <template #table>
      <NeckTable
        v-if="open === 'neck' && project.workings.necklines.length"
        :necklines="project.workings.necklines"
        :inches="project.unit === 'INCH'"
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
      <LetOutTable v-else-if="project.letOut" :let-out="project.letOut" :inches="project.unit === 'INCH'" />
      <PiecesTable
        v-else-if="project.pieces"
        :pieces="project.pieces.pieces"
        :picked="picked"
        :inches="project.unit === 'INCH'"
        @pick="(id) => (picked = id)"
      />
      <EmptyTable v-else-if="garment === 'BY_HAND'" text="Enter the first piece: its corners, once round." />
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
    <SlipTabs :tabs="tabs" @open="(id) => (open = id)">
      <template #alter>
        <LetOutSheet v-if="garment === 'LET_OUT'" :project="project" />
        <TakeInSheet v-else :project="project" />
      </template>
      <template #copy><CopySheet :project="project" /></template>
      <template #passage><PassageSheet :project="project" /></template>
      <template #neck><NeckSheet :project="project" /></template>
      <template #keep><KeepSheet :project="project" /></template>
      <template #pieces>
        <HandPiece
          v-if="garment === 'BY_HAND'"
          :key="piece?.id ?? 'new'"
          :piece="piece"
          @saved="(id) => (picked = id)"
        />
        <div v-else-if="project.pieces" class="grid gap-4">
          <section v-if="piece" aria-live="polite">
            <h3 class="text-xl first-letter:uppercase">{{ piece.name }}</h3>
            <p>
              Cut {{ piece.quantity }}{{ piece.pair ? ', half of them mirrored' : '' }}, {{ piece.grain }};
              {{ piece.size }} <span class="text-muted">across × along the grain</span
              >{{ piece.required ? '' : '; may be left out' }}.
            </p>
            <table class="mt-2 w-full text-[15px]">
              <caption class="sr-only">
                Allowance of each edge
              </caption>
              <tbody>
                <tr v-for="a in piece.allowances" :key="a.edge" class="border-t border-line">
                  <td class="py-1 first-letter:uppercase">{{ a.edge.replace('-', ' ') }}</td>
                  <td class="px-2 text-right font-semibold whitespace-nowrap">{{ a.width }}</td>
                  <td class="text-sm text-muted">{{ a.why }}</td>
                </tr>
              </tbody>
            </table>
          </section>
          <p v-else class="text-muted">Pick a piece to see its allowances.</p>
          <h3 v-if="project.pieces.sizes.length" class="text-lg">Finished sizes</h3>
          <ul>
            <li
              v-for="s in project.pieces.sizes"
              :key="s.what"
              class="border-t border-line py-1"
              :title="s.formula"
            >
              <div class="flex gap-2">
                <span class="grow first-letter:uppercase">{{ s.what }}</span><b class="whitespace-nowrap">{{
                  s.finished
                }}</b>
              </div>
              <p class="text-sm" :class="s.fits ? 'text-muted' : 'text-madder'">
                body {{ s.body }} · {{ s.formula }}{{ s.fits ? '' : ' · too small: give more room' }}
              </p>
            </li>
          </ul>
          <h3 class="text-lg">Edges that will be sewn together</h3>
          <ul>
            <li v-for="w in project.pieces.walks" :key="w.name" class="border-t border-line py-1">
              <div class="flex gap-2">
                <span class="grow first-letter:uppercase">{{ w.name }}</span>
                <b :class="w.agrees ? 'text-good' : 'text-madder'">{{ w.agrees ? 'agree' : 'differ' }}</b>
              </div>
              <p class="text-sm text-muted">
                {{ w.one }} against {{ w.other }}<template v-if="!w.agrees">: {{ w.difference }}</template>
              </p>
            </li>
          </ul>
        </div>
      </template>
    </SlipTabs>
  </StationFrame>
</template>
