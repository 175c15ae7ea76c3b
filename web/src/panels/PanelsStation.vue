<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { isInside } from '../drawing/near'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import MeasureField from '../ui/MeasureField.vue'
import PickTabs from '../ui/PickTabs.vue'
import SlipTabs from '../ui/SlipTabs.vue'
import StaleNote from '../ui/StaleNote.vue'
import CarriedSheet from './CarriedSheet.vue'
import FlawFields, { type FlawBody } from './FlawFields.vue'
import PhotoTable from './PhotoTable.vue'
import ReshapeSheet from './ReshapeSheet.vue'
import PanelsTable from './PanelsTable.vue'
import TapeSheet from './TapeSheet.vue'
import TapeTable from './TapeTable.vue'
import UsableList from './UsableList.vue'
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

const finished = computed(() => panel.value?.edges.filter((e) => e.kind !== 'RAW' && e.kind !== 'SEAM') ?? [])
const asOne = (h: Schemas['HangsView']) =>
  change(({ path, query }) =>
    api.POST('/api/projects/{id}/panels/{panel}/join', {
      params: { path: { ...path, panel: panel.value?.id ?? '' }, query },
      body: { edge: h.edge, other: h.other, otherEdge: h.otherEdge, sewn: true },
    }),
  )
const hanging = computed(() => panel.value?.edges.filter((e) => e.kind === 'SEAM') ?? [])
const redo = () => change((params) => api.POST('/api/projects/{id}/panels/redo', { params }))
function save(stations: Record<string, Record<string, string>>, flaws?: FlawBody[]) {
  const id = panel.value?.id
  if (!id) return
  const body = { stations: stations as never, ...(flaws ? { flaws } : { flaws: bodies() }) }
  return change(({ path, query }) =>
    api.PUT('/api/projects/{id}/panels/{panel}', { params: { path: { ...path, panel: id }, query }, body }),
  )
}
const bodies = (): FlawBody[] => (panel.value?.flaws ?? []).map((f) => ({ ...f }))
function settle(s: Schemas['StationMeasure'], part: 'height' | 'width' | 'toSide', text: string) {
  save({ [s.id]: { [part]: text } })
}
function settleFlaw(i: number, patch: Partial<FlawBody>) {
  save(
    {},
    bodies().map((f, k) => (k === i ? { ...f, ...patch } : f)),
  )
}
const plain = {
  treatment: 'AVOID' as const,
  kind: 'STAIN' as const,
  what: 'stain',
  extent: 'OVAL' as const,
  x: '0 mm',
  y: '300 mm',
  toX: '',
  toY: '',
  width: '40 mm',
  height: '40 mm',
  outline: [] as number[][],
  shown: [] as number[][],
}
const addFlaw = () => save({}, [...bodies(), { ...plain, y: panel.value?.stations[1]?.height ?? '300 mm' }])
const addLikely = (f: FlawBody) => save({}, [...bodies(), { ...f }])
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
async function walkedRound() {
  const outline = walk.value ?? []
  const done = await save({}, [...bodies(), { ...plain, extent: 'AROUND', width: '', height: '', outline }])
  if (done) walk.value = undefined
}
const showAll = ref(false)
const wrongSide = ref(false)
const removeFlaw = (i: number) =>
  save(
    {},
    bodies().filter((_, k) => k !== i),
  )
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
          !project.aim.cutOut
            ? 'Nothing is cut out when a garment is let out: no panels are needed.'
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
          ><div class="grid gap-4">
            <p class="text-muted">
              {{ panel.area }} of cloth<template v-if="panel.leg"
                >; widths are between the old seam lines, what unpicking won lies outside them</template
              >.
            </p>
            <UsableList :key="panel.id" :project="project" :panel="panel" />
            <p v-for="f in panel.taped?.findings ?? []" :key="f" class="text-stale">{{ f }}</p>
            <section v-for="s in panel.stations" :key="s.id">
              <h3 class="text-lg first-letter:uppercase">{{ s.words }}</h3>
              <MeasureField
                v-if="s.id !== 'hem'"
                label="above the hem"
                :value="s.height"
                :name="`stations.${s.id}.height`"
                @focus="asked = s.id"
                @settle="(t) => settle(s, 'height', t)"
              />
              <MeasureField
                label="width"
                :value="s.width"
                :name="`stations.${s.id}.width`"
                @focus="asked = s.id"
                @settle="(t) => settle(s, 'width', t)"
              />
              <MeasureField
                label="of it from crease to side seam"
                :value="s.toSide"
                :name="`stations.${s.id}.toSide`"
                @focus="asked = s.id"
                @settle="(t) => settle(s, 'toSide', t)"
              />
            </section>
            <ComplaintNote :of="['stations.', 'flaws[']" />
            <ul v-if="finished.length">
              <li v-for="e in finished" :key="e.name">
                Kept along the {{ e.name.replace('-', ' ') }}: {{ e.kind.toLowerCase() }},
                {{ e.length }} long.
              </li>
            </ul>
            <p v-if="hanging.length" class="text-muted">
              Still closed along the {{ hanging.map((e) => e.name.replace('-', ' ')).join(', ') }}: fold what
              hangs there away before you chalk.
            </p>
            <p v-for="h in panel.hangs" :key="h.edge + h.other">
              <button
                class="act"
                :disabled="busy"
                title="What does not lie flat beside a shaped seam is marked and left out"
                @click="asOne(h)"
              >
                Lay it as one with the {{ h.otherName }}
              </button>
              <span class="block text-sm text-muted">still sewn together by the {{ h.seam }}</span>
            </p>
            <h3 class="text-lg">Flaws</h3>
            <FlawFields
              v-for="(f, i) in panel.flaws"
              :key="panel.id + i + project.version"
              :flaw="f"
              :index="i"
              @settle="(patch) => settleFlaw(i, patch)"
              @remove="removeFlaw(i)"
            />
            <div v-if="walk" class="flex flex-wrap items-center gap-2">
              <span role="status">Tap round the flaw on the drawing: {{ walk.length }} points.</span>
              <button class="act act-main" :disabled="busy || walk.length < 3" @click="walkedRound">
                That is it
              </button>
              <button class="act" @click="walk = undefined">Leave it</button>
            </div>
            <div v-else class="flex flex-wrap gap-2">
              <button class="act" :disabled="busy" @click="addFlaw">Mark a flaw</button>
              <button class="act" @click="walk = []">Walk round one</button>
            </div>
            <section v-if="panel.likely.length" class="grid gap-1">
              <h4 class="text-sm text-muted">Look also for, on such a source</h4>
              <button
                v-for="f in panel.likely"
                :key="f.what"
                class="act justify-self-start"
                :disabled="busy"
                @click="addLikely(f)"
              >
                + {{ f.what }}
              </button>
            </section>
          </div></template
        ><template #carried
          ><CarriedSheet :project="project" :panel="panel" @point="(to) => (pointing = to)" /></template
        ><template #reshape><ReshapeSheet :project="project" :panel="panel" /></template
      ></SlipTabs>
    </div>
  </StationFrame>
</template>
