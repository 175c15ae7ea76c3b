<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { api, type ProjectView } from '../api/client'
import { isInside } from '../drawing/near'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import PickTabs from '../ui/PickTabs.vue'
import SlipTabs from '../ui/SlipTabs.vue'
import StaleNote from '../ui/StaleNote.vue'
import CarriedSheet from './CarriedSheet.vue'
import DrawnSheet from './DrawnSheet.vue'
import WholePanelsSheet from './WholePanelsSheet.vue'
import OverlaySheet from './OverlaySheet.vue'
import PhotoTable from './PhotoTable.vue'
import ReshapeSheet from './ReshapeSheet.vue'
import PanelsTable from './PanelsTable.vue'
import TapeSheet from './TapeSheet.vue'
import TapeTable from './TapeTable.vue'
import { useTape } from './useTape'

const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const picked = ref(project.panels[0]?.id)
const asked = ref<string>()
const panel = computed(() => project.panels.find((p) => p.id === picked.value) ?? project.panels[0])
const open = ref('drawn')
const tape = useTape(
  () => project.unit,
  () => project.id,
)
const atTape = computed(() => open.value === 'tape' || isNew.value)
const isNew = ref(false)
const tabs = computed(() => [
  { id: 'drawn', name: panel.value?.leg ? 'Measures' : 'As drawn' },
  { id: 'tape', name: 'Survey', note: panel.value?.taped ? '✓' : undefined },
  { id: 'carried', name: 'Carries' },
  { id: 'reshape', name: 'Reshape' },
])
function stored(id: string) {
  isNew.value = false
  picked.value = id
}
const state = computed(() => project.stations.find((s) => s.station === 'PANELS'))
watch(
  () => project.panels.length,
  () => (picked.value ??= project.panels[0]?.id),
)

const redo = () => change((params) => api.POST('/api/projects/{id}/panels/redo', { params }))
/** Points tapped round a flaw on the drawing; three make one. */
const walk = ref<number[][]>()
/** What waits for one spot to be tapped on the drawing. */
const pointing = shallowRef<(x: number, y: number) => void>()
function tap(x: number, y: number) {
  const turned = panel.value?.carried.wrongSideUp ? -1 : 1
  const at = [(Math.round(x * 10) / 10) * turned, Math.round(y * 10) / 10] as const
  if (pointing.value) {
    // Beside the cloth there is nothing to point at.
    if (!isInside(panel.value?.outline ?? [], { x, y })) return
    const told = pointing.value
    pointing.value = undefined
    told(...at)
  } else if (walk.value) {
    walk.value = [...walk.value, [...at]]
  }
}
const showAll = ref(false)
const wrongSide = ref(false)
</script>

<template>
  <StationFrame
    title="Panels"
    :lead="
      panel?.leg
        ? 'Flat cloth, by the tape. The crease is the baseline: widths square to it, heights up from the hem.'
        : 'Flat cloth: as the measures of the source draw it, or as you tape it. Mark what it carries.'
    "
  >
    <template #table>
      <PhotoTable
        v-if="atTape && tape.form.way === 'PHOTO' && tape.photo.photo.value && !tape.photo.flat.value"
        :photo="tape.photo"
        @move="tape.photo.moveCorner"
      />
      <TapeTable
        v-else-if="atTape && (tape.drawn.value || (tape.form.way === 'PHOTO' && tape.photo.flat.value))"
        :tape="tape"
        :project="project"
      />
      <PanelsTable
        v-else-if="panel && project.source"
        :project="project"
        :picked="panel.id"
        :asked="asked"
        :all="showAll"
        :wrong-side="wrongSide"
        :walk="walk ?? (pointing ? [] : undefined)"
        @pick="(id) => (picked = id)"
        @tap="tap"
      >
        <div class="absolute bottom-16 left-11 flex gap-1 sm:bottom-3">
          <button class="act" :aria-pressed="showAll" @click="showAll = !showAll">
            {{ showAll ? 'This panel' : 'All panels' }}
          </button>
          <button class="act" :aria-pressed="wrongSide" @click="wrongSide = !wrongSide">
            {{ wrongSide ? 'Right side' : 'Wrong side' }}
          </button>
        </div>
      </PanelsTable>
      <EmptyTable
        v-else
        :text="
          project.altered?.panels
            ? 'What comes off lies at Lay as the changes draw it, with its hems and the cloth in its seams. Check it by tape once it is off.'
            : !project.aim.cutOut
              ? 'The garment stays sewn: no panels are needed.'
              : 'No part lies flat yet. Decide at Take apart what to open, then draw the panels.'
        "
      >
        <button
          v-if="project.takeApart?.flat.length && project.aim.cutOut"
          class="act act-main"
          :disabled="busy"
          @click="redo"
        >
          Draw
          {{
            project.takeApart.flat.length === 1
              ? 'the flat part'
              : `the ${project.takeApart.flat.length} flat parts`
          }}
          from the source’s measures
        </button>
        <button
          v-if="project.source && project.aim.cutOut && !isNew"
          class="act"
          title="A panel that the source does not have: a remnant, a sheet"
          @click="isNew = true"
        >
          + panel
        </button>
      </EmptyTable>
    </template>
    <StaleNote
      v-if="state?.stand === 'STALE'"
      :sentence="state.sentence + ' Flaws stay as you marked them.'"
      redo="Draw the panels anew"
      :busy="busy"
      @redo="redo"
    />
    <div v-if="!panel && isNew" class="grid gap-3">
      <h3 class="text-xl">A panel more</h3>
      <TapeSheet :project="project" :tape="tape" @stored="stored" />
      <button class="act justify-self-start" @click="isNew = false">Leave it</button>
    </div>
    <div v-if="panel" class="grid gap-4">
      <p v-if="project.usableShare" class="text-sm text-muted">{{ project.usableShare }}</p>
      <div class="flex flex-wrap gap-1">
        <PickTabs :of="project.panels" :picked="panel.id" label="Panels" @pick="(id) => (picked = id)" />
        <button
          class="act"
          title="A panel that the source does not have: a remnant, a sheet"
          @click="isNew = true"
        >
          + panel
        </button>
      </div>
      <div v-if="isNew" class="grid gap-3">
        <h3 class="text-xl">A panel more</h3>
        <TapeSheet :project="project" :tape="tape" @stored="stored" />
        <button class="act justify-self-start" @click="isNew = false">Leave it</button>
      </div>
      <SlipTabs v-else :tabs="tabs" @open="(id) => (open = id)">
        <template #tape
          ><TapeSheet :project="project" :panel="panel" :tape="tape" @stored="stored"
        /></template>
        <template #drawn
          ><DrawnSheet
            v-model:walk="walk"
            :project="project"
            :panel="panel"
            @asked="(id) => (asked = id)" /></template
        ><template #carried
          ><CarriedSheet :project="project" :panel="panel" @point="(to) => (pointing = to)" /></template
        ><template #reshape
          ><div class="grid gap-4">
            <ReshapeSheet :project="project" :panel="panel" />
            <OverlaySheet :project="project" :panel="panel" />
            <WholePanelsSheet :project="project" :panel="panel" /></div></template
      ></SlipTabs>
    </div>
  </StationFrame>
</template>
