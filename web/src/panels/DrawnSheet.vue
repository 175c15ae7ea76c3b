<script setup lang="ts">
import { computed } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ComplaintNote from '../ui/ComplaintNote.vue'
import MeasureField from '../ui/MeasureField.vue'
import FlawFields, { type FlawBody } from './FlawFields.vue'
import UsableList from './UsableList.vue'

/** A panel as the measures draw it: its widths, what it keeps, what hangs on it, and its flaws. */
const { project, panel } = defineProps<{ project: ProjectView; panel: ProjectView['panels'][number] }>()
const emit = defineEmits<{ asked: [station: string] }>()
/** Points tapped round a flaw on the drawing; three make one. */
const walk = defineModel<number[][]>('walk')
const { change, busy } = useHand()
const finished = computed(() => panel.edges.filter((e) => e.kind !== 'RAW' && e.kind !== 'SEAM') ?? [])
const asOne = (h: Schemas['HangsView']) =>
  change(({ path, query }) =>
    api.POST('/api/projects/{id}/panels/{panel}/join', {
      params: { path: { ...path, panel: panel.id ?? '' }, query },
      body: { edge: h.edge, other: h.other, otherEdge: h.otherEdge, sewn: true },
    }),
  )
const hanging = computed(() => panel.edges.filter((e) => e.kind === 'SEAM') ?? [])
function save(stations: Record<string, Record<string, string>>, flaws?: FlawBody[]) {
  const id = panel.id
  const body = { stations: stations as never, ...(flaws ? { flaws } : { flaws: bodies() }) }
  return change(({ path, query }) =>
    api.PUT('/api/projects/{id}/panels/{panel}', { params: { path: { ...path, panel: id }, query }, body }),
  )
}
const bodies = (): FlawBody[] => (panel.flaws ?? []).map((f) => ({ ...f }))
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
  layers: 1,
}
const addFlaw = () => save({}, [...bodies(), { ...plain, y: panel.stations[1]?.height ?? '300 mm' }])
const addLikely = (f: FlawBody) => save({}, [...bodies(), { ...f }])
async function walkedRound() {
  const outline = walk.value ?? []
  const done = await save({}, [...bodies(), { ...plain, extent: 'AROUND', width: '', height: '', outline }])
  if (done) walk.value = undefined
}
const removeFlaw = (i: number) =>
  save(
    {},
    bodies().filter((_, k) => k !== i),
  )
</script>

<template>
  <div class="grid gap-4">
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
        @focus="emit('asked', s.id)"
        @settle="(t) => settle(s, 'height', t)"
      />
      <MeasureField
        label="width"
        :value="s.width"
        :name="`stations.${s.id}.width`"
        @focus="emit('asked', s.id)"
        @settle="(t) => settle(s, 'width', t)"
      />
      <MeasureField
        label="of it from crease to side seam"
        :value="s.toSide"
        :name="`stations.${s.id}.toSide`"
        @focus="emit('asked', s.id)"
        @settle="(t) => settle(s, 'toSide', t)"
      />
    </section>
    <ComplaintNote :of="['stations.', 'flaws[', 'flaw.']" />
    <ul v-if="finished.length">
      <li v-for="e in finished" :key="e.name">
        Kept along the {{ e.name.replace('-', ' ') }}: {{ e.kind.toLowerCase() }}, {{ e.length }} long.
      </li>
    </ul>
    <p v-if="hanging.length" class="text-muted">
      Still closed along the {{ hanging.map((e) => e.name.replace('-', ' ')).join(', ') }}: fold what hangs
      there away before you chalk.
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
  </div>
</template>
