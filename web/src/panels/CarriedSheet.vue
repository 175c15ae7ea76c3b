<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { Crosshair, Plus, Trash2 } from '@lucide/vue'
import { onUnmounted, ref, watch } from 'vue'
import { useFields } from '../ui/useFields'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'
import PressingFields from './PressingFields.vue'
import { workedOut } from '../drawing/workedOut'

/** What the cloth of a panel carries besides its edges: grain, pile, sides, stripes, motifs, and what it went through. */
const { project, panel } = defineProps<{ project: ProjectView; panel: ProjectView['panels'][number] }>()
const emit = defineEmits<{
  /** asks for the next spot that is tapped on the drawing; undefined: for none any more */
  point: [(((x: number, y: number) => void) | undefined)?]
}>()
const { change, busy } = useHand()
type Carried = Schemas['CarriedView']
const { fields: form, sending, follow, begin } = useFields(() => panel.carried)
watch(
  () => [panel.id, project.version] as const,
  ([now], [before]) => {
    if (now === before) follow()
    else begin()
    point(undefined)
  },
)
onUnmounted(() => point(undefined))
const alike = (c: Carried) => (c.alike === null || c.alike === undefined ? 'CLOTH' : c.alike ? 'YES' : 'NO')
const grains = [
  { id: 'UP' as const, words: 'up, as the part hung' },
  { id: 'EDGE' as const, words: 'along an edge' },
  { id: 'POINTS' as const, words: 'between two points of one thread' },
]
const sides = [
  { id: 'CLOTH', words: 'as told of the whole cloth' },
  { id: 'YES', words: 'alike: either may be the right side' },
  { id: 'NO', words: 'not alike' },
]
function store() {
  sending()
  const told: Schemas['CarriedRequest'] = { ...form }
  return change(({ path, query }) =>
    api.PUT('/api/projects/{id}/panels/{panel}/carried', {
      params: { path: { ...path, panel: panel.id }, query },
      body: told,
    }),
  )
}
/** A grain is only told once it is whole. */
function grain() {
  const g = form
  if (g.grain === 'EDGE' && !g.grainEdge) g.grainEdge = panel.edges[0]?.name ?? ''
  if (g.grain !== 'POINTS' || g.fromX !== g.toX || g.fromY !== g.toY) void store()
}
const ends = ['fromX', 'fromY', 'toX', 'toY'] as const
const words = {
  fromX: 'one end, from the middle (− to the left)',
  fromY: 'its height above the zero',
  toX: 'other end, from the middle',
  toY: 'its height above the zero',
}
function addRepeat() {
  form.repeats.push({
    name: form.repeats.length ? 'cross stripe' : 'stripe',
    across: form.repeats.length === 0,
    period: '',
    edge: '',
    first: '',
    matched: true,
  })
}
/** The motif whose middle is to be tapped on the drawing. */
const pointed = ref<number>()
function point(i: number | undefined) {
  pointed.value = i
  emit(
    'point',
    i === undefined
      ? undefined
      : (x, y) => {
          pointed.value = undefined
          const motif = form.motifs[i]
          if (!motif) return
          // A finger points to the millimetre at best.
          motif.x = workedOut(Math.round(x))
          motif.y = workedOut(Math.round(y))
          if (motif.name) void store()
        },
  )
}
</script>

<template>
  <div class="grid gap-4">
    <section class="grid gap-2">
      <h3 class="text-lg">Grain and sides</h3>
      <ChoiceField v-model="form.grain" label="The lengthwise grain runs" :choices="grains" @change="grain" />
      <ChoiceField
        v-if="form.grain === 'EDGE'"
        v-model="form.grainEdge"
        label="Edge"
        :choices="panel.edges.map((e) => ({ id: e.name, words: e.name.replaceAll('-', ' ') }))"
        @change="store"
      />
      <template v-if="form.grain === 'POINTS'">
        <MeasureField
          v-for="p in ends"
          :key="p"
          :label="words[p]"
          :value="form[p]"
          :name="'grain.' + p"
          @settle="
            (t) => {
              form[p] = t
              grain()
            }
          "
        />
      </template>
      <TickField v-model="form.pileDown" label="pile or print runs down" @change="store" />
      <TickField v-model="form.wrongSideUp" label="it was measured with its wrong side up" @change="store" />
      <ChoiceField
        :model-value="alike(form)"
        label="Its two sides are"
        :choices="sides"
        @update:model-value="
          (a) => {
            form.alike = a === 'CLOTH' ? undefined : a === 'YES'
            store()
          }
        "
      />
      <label class="grid grid-cols-[1fr_8.5rem] items-baseline gap-x-3 text-[15px]"
        >layers of cloth
        <input
          v-model.number.lazy="form.layers"
          type="number"
          min="1"
          max="6"
          class="field text-right"
          @change="store"
        />
      </label>
      <ComplaintNote :of="['layers', 'grain']" />
    </section>
    <section class="grid gap-2">
      <h3 class="text-lg">Stripes and checks</h3>
      <fieldset v-for="(r, i) in form.repeats" :key="i" class="grid gap-1 border-l-2 border-line pl-3">
        <div class="flex items-end gap-2">
          <PlainField v-model="r.name" :label="`Repeat ${i + 1}`" :name="`repeats[${i}].name`" class="grow" />
          <button
            class="act !px-2"
            :aria-label="`Take repeat ${i + 1} out`"
            @click="
              () => {
                form.repeats.splice(i, 1)
                store()
              }
            "
          >
            <Trash2 :size="18" />
          </button>
        </div>
        <TickField v-model="r.across" label="stripes run along the grain" />
        <MeasureField
          label="from a line to the next one like it"
          :value="r.period"
          :name="`repeats[${i}].period`"
          @settle="(t) => (r.period = t)"
        />
        <ChoiceField
          v-model="r.edge"
          label="first line measured from"
          :choices="[
            { id: '', words: 'the panel’s zero' },
            ...panel.edges.map((e) => ({ id: e.name, words: e.name.replaceAll('-', ' ') })),
          ]"
        />
        <MeasureField
          label="from there to the first line"
          :value="r.first"
          :name="`repeats[${i}].first`"
          @settle="(t) => (r.first = t)"
        />
        <TickField v-model="r.matched" label="pieces are to meet in the pattern at their notches" />
        <button class="act justify-self-start" :disabled="busy || !r.period" @click="store">
          Keep it so
        </button>
      </fieldset>
      <button v-if="form.repeats.length < 2" class="act justify-self-start" @click="addRepeat">
        <Plus :size="16" /> {{ form.repeats.length ? 'Lines the other way: a check' : 'Stripes' }}
      </button>
    </section>
    <section class="grid gap-2">
      <h3 class="text-lg">Motifs to show</h3>
      <fieldset v-for="(m, i) in form.motifs" :key="i" class="grid gap-1 border-l-2 border-line pl-3">
        <div class="flex items-end gap-2">
          <PlainField v-model="m.name" :label="`Motif ${i + 1}`" :name="`motifs[${i}].name`" class="grow" />
          <button
            class="act !px-2"
            :aria-label="`Take motif ${i + 1} out`"
            @click="
              () => {
                form.motifs.splice(i, 1)
                store()
              }
            "
          >
            <Trash2 :size="18" />
          </button>
        </div>
        <MeasureField
          label="its middle, from the middle"
          :value="m.x"
          :name="`motifs[${i}].x`"
          @settle="(t) => (m.x = t)"
        />
        <MeasureField
          label="its height above the zero"
          :value="m.y"
          :name="`motifs[${i}].y`"
          @settle="(t) => (m.y = t)"
        />
        <div v-if="pointed === i" class="flex flex-wrap items-center gap-2">
          <span role="status">Tap its middle on the drawing.</span>
          <button class="act" @click="point(undefined)">Leave it</button>
        </div>
        <div v-else class="flex flex-wrap gap-2">
          <button class="act" :disabled="busy" @click="point(i)"><Crosshair :size="16" /> Point at it</button>
          <button class="act" :disabled="busy || !m.name || !m.x || !m.y" @click="store">Keep it so</button>
        </div>
      </fieldset>
      <button class="act justify-self-start" @click="form.motifs.push({ name: '', x: '', y: '' })">
        <Plus :size="16" /> A motif
      </button>
    </section>
    <PressingFields :panel="panel" />
  </div>
</template>
