<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { computed, reactive, ref } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'
import ChangeDoor from './ChangeDoor.vue'
import { cloths, grains, kinds, marks, type Change, type Field } from './changes'

/** Named changes on the untouched pattern: those that are there, and one more. */
const {
  pieces,
  changes,
  log = [],
} = defineProps<{
  pieces: Schemas['PieceView'][]
  changes: Schemas['ChangeView'][]
  log?: ProjectView['log']
}>()
const { change, busy } = useHand()
const form = reactive({
  kind: 'LENGTHEN' as NonNullable<Change['kind']>,
  name: '',
  piece: '',
  pieces: [] as string[],
  edge: '',
  other: '',
  otherEdge: '',
  at: '',
  by: '',
  bothSides: false,
  quantity: 1,
  pair: false,
  cloth: 'SHELL' as Schemas['PieceView']['cloth'],
  wrongSideOut: false,
  uneven: false,
  ease: '',
  ratio: '',
  mark: 'DART' as (typeof marks)[number]['id'],
  points: '',
  grain: 'EITHER' as (typeof grains)[number]['id'],
  along: false,
  drawn: '',
  motif: '',
  partner: '',
  edges: [] as string[],
  folds: '2',
})
const wanted = ref<Change>()
const kind = computed(() => kinds.find((k) => k.id === form.kind))
const asks = (field: Field) => kind.value?.fields.includes(field) ?? false
const atWords = computed(() =>
  form.kind === 'STRIP'
    ? 'length, finished'
    : form.kind === 'SAMPLE'
      ? 'across the grain'
      : form.kind === 'PIECING'
        ? 'line at, from the piece’s own origin'
        : form.kind === 'LENGTHEN'
          ? 'line above the lower end'
          : 'line from the left, or the middle',
)
const byWords = computed(
  () =>
    ({
      SAMPLE: 'along the grain',
      FACING: 'how deep',
      MOTIF: 'within',
      LAYER: 'shorter at the hem',
      BIND: 'width, finished',
      STRIP: 'width, finished',
    })[form.kind as string] ?? 'by how much',
)
const named = computed(() => pieces.map((p) => ({ id: p.id, words: p.name })))
const edgesOf = (id: string) =>
  (pieces.find((p) => p.id === id)?.allowances ?? []).map((a) => ({
    id: a.edge,
    words: a.edge.replaceAll('-', ' '),
  }))
/** An edge among several, as one word. */
const among = (piece: string, edge: string) => JSON.stringify([piece, edge])
function told(field: Field): Partial<Change> {
  switch (field) {
    case 'layers':
    case 'strips':
      return { quantity: form.quantity }
    case 'motif':
      return { motif: form.motif, partner: form.partner }
    case 'folds':
      return { folds: Number(form.folds) }
    case 'edges':
      return {
        edges: form.edges.map((e) => {
          const [piece, edge] = JSON.parse(e) as [string, string]
          return { piece, edge }
        }),
      }
    default:
      return { [field]: form[field] }
  }
}
function ask() {
  wanted.value = Object.assign(
    { kind: form.kind, name: form.name },
    ...(kind.value?.fields ?? []).map(told),
  ) as Change
}
const takeBack = (index: number) =>
  change((params) =>
    api.DELETE('/api/projects/{id}/pattern/changes/{index}', {
      params: { ...params, path: { ...params.path, index } },
    }),
  )
/** Lessons of the log that the pattern has not learned yet, with their place in it. */
const lessons = computed(() => log.map((n, index) => ({ ...n, index })).filter((n) => n.lesson && !n.learned))
const learn = (note: number) =>
  change((params) =>
    api.POST('/api/projects/{id}/pattern/lessons/{note}', {
      params: { ...params, path: { ...params.path, note } },
    }),
  )
/** A layer is of another cloth than its piece. */
function layered() {
  if (form.kind === 'LAYER' && form.cloth === 'SHELL') form.cloth = 'LINING'
  if (form.kind === 'BIND') {
    form.grain = 'BIAS'
    if (form.cloth === 'SHELL') form.cloth = 'BINDING'
  }
  if (form.kind === 'STRIP') form.grain = 'LENGTHWISE'
}
function otherKind() {
  wanted.value = undefined
  layered()
}
/** Picking a piece fills in how it is cut now. */
function picked() {
  const p = pieces.find((x) => x.id === form.piece)
  if (!p) return
  const { quantity, pair, cloth, wrongSideOut, uneven } = p
  Object.assign(form, { quantity, pair, cloth, wrongSideOut, uneven, edge: '' })
  layered()
}
</script>

<template>
  <div class="grid gap-4">
    <p class="text-muted">
      The pattern as it was drafted or brought in stays untouched; what is changed on it is listed here and
      can be taken back one by one.
    </p>
    <ol v-if="changes.length">
      <li v-for="(c, i) in changes" :key="i" class="flex items-baseline gap-2 border-t border-line py-1">
        <span class="grow"
          ><b class="first-letter:uppercase">{{ c.name }}</b
          ><span class="block text-sm text-muted">{{ c.words }}</span></span
        >
        <button class="act act-quiet text-sm" :disabled="busy" @click="takeBack(i)">Take back</button>
      </li>
    </ol>
    <section v-if="lessons.length" class="border-l-4 border-madder bg-table px-3 py-2">
      <h3 class="text-lg">Lessons from the log</h3>
      <p v-for="l in lessons" :key="l.index" class="flex items-baseline gap-2 py-1">
        <span class="grow">{{ l.lesson }}</span>
        <button class="act text-sm" :disabled="busy" @click="learn(l.index)">Do it now</button>
      </p>
    </section>
    <ComplaintNote :of="['changes']" />
    <form class="grid gap-2 border-t border-line pt-3" @submit.prevent="ask">
      <ChoiceField v-model="form.kind" label="Change" :choices="kinds" @change="otherKind" />
      <p class="text-sm text-muted">{{ kind?.hint }}</p>
      <fieldset v-if="asks('pieces')" class="grid gap-x-3 sm:grid-cols-2">
        <legend class="text-sm text-muted">These pieces alike</legend>
        <label v-for="p in pieces" :key="p.id" class="flex min-h-8 items-center gap-2 text-[15px]"
          ><input v-model="form.pieces" type="checkbox" :value="p.id" class="accent-madder" />{{
            p.name
          }}</label
        >
      </fieldset>
      <fieldset v-if="asks('edges')" class="grid gap-x-3 sm:grid-cols-2">
        <legend class="text-sm text-muted">These edges, with one length of binding</legend>
        <template v-for="p in pieces" :key="p.id">
          <label v-for="a in p.allowances" :key="a.edge" class="flex min-h-8 items-center gap-2 text-[15px]"
            ><input
              v-model="form.edges"
              type="checkbox"
              :value="among(p.id, a.edge)"
              class="accent-madder"
            /><span class="grow">{{ p.name }}, {{ a.edge.replaceAll('-', ' ') }}</span
            ><span class="text-sm text-muted">{{ a.length }}</span></label
          >
        </template>
      </fieldset>
      <ChoiceField
        v-if="asks('piece')"
        v-model="form.piece"
        label="Piece"
        empty="choose …"
        :choices="named"
        @change="picked"
      />
      <ChoiceField
        v-if="asks('edge')"
        v-model="form.edge"
        label="Its edge"
        empty="choose …"
        :choices="edgesOf(form.piece)"
      />
      <ChoiceField
        v-if="asks('other')"
        v-model="form.other"
        label="The other piece"
        empty="choose …"
        :choices="named"
      />
      <ChoiceField
        v-if="asks('otherEdge')"
        v-model="form.otherEdge"
        label="The other edge"
        empty="choose …"
        :choices="edgesOf(form.other)"
      />
      <TickField
        v-if="asks('bothSides')"
        v-model="form.bothSides"
        :label="
          form.kind === 'MOCK_UP' ? 'the trial becomes the lining' : 'half to either side of the middle'
        "
      />
      <TickField v-if="asks('along')" v-model="form.along" label="along the grain, not across it" />
      <ChoiceField v-if="asks('grain')" v-model="form.grain" label="Grain" :choices="[...grains]" />
      <template v-if="asks('motif')">
        <PlainField v-model="form.motif" label="Motif, as it is called on the panel" name="change.motif" />
        <PlainField
          v-model="form.partner"
          label="Motif for mirrored copies, if it is another"
          name="change.partner"
        />
      </template>
      <PlainField
        v-if="asks('motif')"
        v-model="form.points"
        label="Spot on the piece, across / up"
        name="change.points"
      />
      <MeasureField
        v-if="asks('at')"
        :label="atWords"
        :value="form.at"
        name="change.at"
        @settle="(t) => (form.at = t)"
      />
      <MeasureField
        v-if="asks('by')"
        :label="byWords"
        :value="form.by"
        name="change.by"
        @settle="(t) => (form.by = t)"
      />
      <MeasureField
        v-if="asks('drawn')"
        label="allowance on either side"
        :value="form.drawn"
        name="change.allowance"
        @settle="(t) => (form.drawn = t)"
      />
      <label v-if="asks('layers')" class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
        >layers
        <input v-model.number="form.quantity" type="number" min="1" max="8" class="field text-right" />
      </label>
      <label v-if="asks('strips')" class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
        >{{ form.kind === 'BIND' ? 'joined from strips' : 'cut how many' }}
        <input v-model.number="form.quantity" type="number" min="1" max="60" class="field text-right" />
      </label>
      <ChoiceField
        v-if="asks('folds')"
        v-model="form.folds"
        label="Folded"
        :choices="[
          { id: '1', words: 'not at all: flat, or round a cord' },
          { id: '2', words: 'once, lengthwise' },
          { id: '4', words: 'in, and once more' },
        ]"
      />
      <template v-if="asks('quantity')">
        <label class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
          >cut how many
          <input v-model.number="form.quantity" type="number" min="1" max="60" class="field text-right" />
        </label>
        <TickField v-model="form.pair" label="half of them mirrored" />
        <TickField v-model="form.wrongSideOut" label="wrong side out, on purpose" />
        <TickField v-model="form.uneven" label="halves differ, on purpose" />
      </template>
      <ChoiceField v-if="asks('cloth')" v-model="form.cloth" label="From" :choices="[...cloths]" />
      <template v-if="asks('ease')">
        <MeasureField
          label="the second longer by"
          :value="form.ease"
          name="change.ease"
          @settle="(t) => (form.ease = t)"
        />
        <MeasureField
          label="or gathered, stretched"
          :value="form.ratio"
          name="change.ratio"
          @settle="(t) => (form.ratio = t)"
        />
      </template>
      <template v-if="asks('mark')">
        <ChoiceField v-model="form.mark" label="Mark" :choices="[...marks]" />
        <PlainField v-model="form.points" label="Points, across / up; across / up" name="change.points" />
      </template>
      <PlainField v-model="form.name" label="Call it" name="change.name" />
      <button class="act">See what follows</button>
      <ChangeDoor v-if="wanted" :change="wanted" @done="wanted = undefined" />
    </form>
  </div>
</template>
