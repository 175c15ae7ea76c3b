<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import MeasureField from '../ui/MeasureField.vue'
import SlipTabs from '../ui/SlipTabs.vue'
import StaleNote from '../ui/StaleNote.vue'
import PanelsTable from './PanelsTable.vue'
import TapeSheet from './TapeSheet.vue'
import TapeTable from './TapeTable.vue'
import { useTape } from './useTape'

const { project } = defineProps<{ project: ProjectView }>()
const { change, problem, busy } = useHand()
const picked = ref(project.panels[0]?.id)
const asked = ref<string>()
const panel = computed(() => project.panels.find((p) => p.id === picked.value) ?? project.panels[0])
const open = ref('drawn')
const tape = useTape(() => project.unit)
const isNew = ref(false)
const tabs = computed(() => [
  { id: 'drawn', name: panel.value?.leg ? 'Measures' : 'As drawn' },
  { id: 'tape', name: 'By the tape', note: panel.value?.taped ? '✓' : undefined },
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
const hanging = computed(() => panel.value?.edges.filter((e) => e.kind === 'SEAM') ?? [])
const redo = () => change((params) => api.POST('/api/projects/{id}/panels/redo', { params }))
type FlawBody = {
  treatment: Schemas['FlawView']['treatment']
  what: string
  x: string
  y: string
  width: string
  height: string
}
function save(stations: Record<string, Record<string, string>>, flaws?: FlawBody[]) {
  const id = panel.value?.id
  if (!id) return
  const body = { stations: stations as never, ...(flaws ? { flaws } : { flaws: bodies() }) }
  return change(({ path, query }) =>
    api.PUT('/api/projects/{id}/panels/{panel}', { params: { path: { ...path, panel: id }, query }, body }),
  )
}
const bodies = (): FlawBody[] =>
  (panel.value?.flaws ?? []).map(({ treatment, what, x, y, width, height }) => ({
    treatment,
    what,
    x,
    y,
    width,
    height,
  }))
function settle(s: Schemas['StationMeasure'], part: 'height' | 'width' | 'toSide', text: string) {
  save({ [s.id]: { height: s.height, width: s.width, toSide: s.toSide, [part]: text } })
}
function settleFlaw(i: number, patch: Partial<FlawBody>) {
  save(
    {},
    bodies().map((f, k) => (k === i ? { ...f, ...patch } : f)),
  )
}
const addFlaw = () =>
  save({}, [
    ...bodies(),
    {
      treatment: 'AVOID',
      what: 'stain',
      x: '0 mm',
      y: panel.value?.stations[1]?.height ?? '300 mm',
      width: '40 mm',
      height: '40 mm',
    },
  ])
const removeFlaw = (i: number) =>
  save(
    {},
    bodies().filter((_, k) => k !== i),
  )
const flawFields = [
  { id: 'x', label: 'from the middle (− to the left)' },
  { id: 'y', label: 'above the lower edge' },
  { id: 'width', label: 'wide' },
  { id: 'height', label: 'high' },
] as const
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
      <TapeTable v-if="(open === 'tape' || isNew) && tape.drawn.value" :tape="tape" :project="project" />
      <PanelsTable
        v-else-if="panel && project.source"
        :project="project"
        :picked="panel.id"
        :asked="asked"
        @pick="(id) => (picked = id)"
      />
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
          Draw the {{ project.takeApart.flat.length }} flat parts from the source’s measures
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
    <div v-if="panel" class="grid gap-4">
      <div class="flex flex-wrap gap-1">
        <div class="contents" role="tablist" aria-label="Panels">
          <button
            v-for="p in project.panels"
            :key="p.id"
            role="tab"
            class="act"
            :class="{ 'act-main': p.id === panel.id }"
            :aria-selected="p.id === panel.id"
            @click="picked = p.id"
          >
            {{ p.name.replace(' leg', '') }}
          </button>
        </div>
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
            <dl class="grid grid-cols-[1fr_auto] gap-x-3 text-[15px]">
              <template v-for="u in panel.usable" :key="u.what">
                <dt class="text-muted first-letter:uppercase">{{ u.what }}</dt>
                <dd class="text-right font-semibold">{{ u.value }}</dd>
              </template>
            </dl>
            <p v-for="f in panel.taped?.findings ?? []" :key="f" class="text-stale">{{ f }}</p>
            <section v-for="s in panel.stations" :key="s.id">
              <h3 class="text-lg first-letter:uppercase">{{ s.words }}</h3>
              <MeasureField
                v-if="s.id !== 'hem'"
                label="above the hem"
                :value="s.height"
                :name="`stations.${s.id}.height`"
                :problem="problem"
                @focus="asked = s.id"
                @settle="(t) => settle(s, 'height', t)"
              />
              <MeasureField
                label="width"
                :value="s.width"
                :name="`stations.${s.id}.width`"
                :problem="problem"
                @focus="asked = s.id"
                @settle="(t) => settle(s, 'width', t)"
              />
              <MeasureField
                label="of it from crease to side seam"
                :value="s.toSide"
                :name="`stations.${s.id}.toSide`"
                :problem="problem"
                @focus="asked = s.id"
                @settle="(t) => settle(s, 'toSide', t)"
              />
            </section>
            <p
              v-if="
                problem?.field &&
                !problem.field.startsWith('stations.') &&
                !problem.field.startsWith('flaws[')
              "
              class="text-madder"
              role="alert"
            >
              {{ problem.detail }}
            </p>
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
            <h3 class="text-lg">Flaws</h3>
            <section
              v-for="(f, i) in panel.flaws"
              :key="panel.id + i + project.version"
              class="border-l-2 border-line pl-3"
            >
              <div class="flex items-end gap-2">
                <input
                  class="field"
                  :value="f.what"
                  :aria-label="`Flaw ${i + 1}, what it is`"
                  @change="(e) => settleFlaw(i, { what: (e.target as HTMLInputElement).value })"
                />
                <select
                  class="field !w-36"
                  :value="f.treatment"
                  :aria-label="`Flaw ${i + 1}, how to treat it`"
                  @change="
                    (e) =>
                      settleFlaw(i, {
                        treatment: (e.target as HTMLSelectElement).value as FlawBody['treatment'],
                      })
                  "
                >
                  <option value="AVOID">keep clear</option>
                  <option value="HIDE">hide it</option>
                  <option value="NOTE">remember</option>
                </select>
                <button
                  class="act !px-2"
                  :aria-label="`Take flaw ${i + 1} out`"
                  title="Take out"
                  @click="removeFlaw(i)"
                >
                  <Trash2 :size="18" />
                </button>
              </div>
              <MeasureField
                v-for="field in flawFields"
                :key="field.id"
                :label="field.label"
                :value="f[field.id]"
                :name="`flaws[${i}].${field.id}`"
                :problem="problem"
                @settle="(t) => settleFlaw(i, { [field.id]: t })"
              />
            </section>
            <button class="act" :disabled="busy" @click="addFlaw">Mark a flaw</button>
          </div></template
        ></SlipTabs
      >
    </div>
  </StationFrame>
</template>
