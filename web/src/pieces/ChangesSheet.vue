<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'
import ChangeDoor from './ChangeDoor.vue'
import { kinds, type Change, type Field } from './changes'

/** Named changes on the untouched pattern: those that are there, and one more. */
const { pieces, changes } = defineProps<{
  pieces: Schemas['PieceView'][]
  changes: Schemas['ChangeView'][]
}>()
const { change, problem, busy } = useHand()
const form = reactive({
  kind: 'LENGTHEN' as Change['kind'],
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
})
const wanted = ref<Change>()
const kind = computed(() => kinds.find((k) => k.id === form.kind))
const asks = (field: Field) => kind.value?.fields.includes(field) ?? false
const edgesOf = (id: string) => pieces.find((p) => p.id === id)?.allowances.map((a) => a.edge) ?? []
const cloths = [
  { id: 'SHELL', words: 'outer cloth' },
  { id: 'LINING', words: 'lining' },
  { id: 'INTERFACING', words: 'interfacing' },
  { id: 'RIB', words: 'rib or knit' },
  { id: 'BINDING', words: 'binding' },
] as const
function ask() {
  const told: Change = { kind: form.kind, name: form.name }
  for (const field of kind.value?.fields ?? []) Object.assign(told, { [field]: form[field] })
  wanted.value = told
}
const takeBack = (index: number) =>
  change((params) =>
    api.DELETE('/api/projects/{id}/pattern/changes/{index}', {
      params: { ...params, path: { ...params.path, index } },
    }),
  )
/** Picking a piece fills in how it is cut now. */
function picked() {
  const p = pieces.find((x) => x.id === form.piece)
  if (!p) return
  const { quantity, pair, cloth, wrongSideOut, uneven } = p
  Object.assign(form, { quantity, pair, cloth, wrongSideOut, uneven, edge: '' })
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
    <p v-if="problem?.field?.startsWith('changes')" class="text-madder" role="alert">{{ problem.detail }}</p>
    <form class="grid gap-2 border-t border-line pt-3" @submit.prevent="ask">
      <label class="text-sm text-muted"
        >Change
        <select v-model="form.kind" class="field" @change="wanted = undefined">
          <option v-for="k in kinds" :key="k.id" :value="k.id">{{ k.words }}</option>
        </select>
      </label>
      <p class="text-sm text-muted">{{ kind?.hint }}</p>
      <fieldset v-if="asks('pieces')" class="grid gap-x-3 sm:grid-cols-2">
        <legend class="text-sm text-muted">These pieces alike</legend>
        <label v-for="p in pieces" :key="p.id" class="flex min-h-8 items-center gap-2 text-[15px]"
          ><input v-model="form.pieces" type="checkbox" :value="p.id" class="accent-madder" />{{
            p.name
          }}</label
        >
      </fieldset>
      <label v-if="asks('piece')" class="text-sm text-muted"
        >Piece
        <select v-model="form.piece" class="field" @change="picked">
          <option value="">choose …</option>
          <option v-for="p in pieces" :key="p.id" :value="p.id">{{ p.name }}</option>
        </select>
      </label>
      <label v-if="asks('edge')" class="text-sm text-muted"
        >Its edge
        <select v-model="form.edge" class="field">
          <option value="">choose …</option>
          <option v-for="e in edgesOf(form.piece)" :key="e" :value="e">{{ e }}</option>
        </select>
      </label>
      <label v-if="asks('other')" class="text-sm text-muted"
        >The other piece
        <select v-model="form.other" class="field">
          <option value="">choose …</option>
          <option v-for="p in pieces" :key="p.id" :value="p.id">{{ p.name }}</option>
        </select>
      </label>
      <label v-if="asks('otherEdge')" class="text-sm text-muted"
        >The other edge
        <select v-model="form.otherEdge" class="field">
          <option value="">choose …</option>
          <option v-for="e in edgesOf(form.other)" :key="e" :value="e">{{ e }}</option>
        </select>
      </label>
      <TickField
        v-if="asks('bothSides')"
        v-model="form.bothSides"
        :label="
          form.kind === 'MOCK_UP' ? 'the trial becomes the lining' : 'half to either side of the middle'
        "
      />
      <MeasureField
        v-if="asks('at')"
        :label="form.kind === 'LENGTHEN' ? 'line above the lower end' : 'line from the left, or the middle'"
        :value="form.at"
        name="change.at"
        :problem="problem"
        @settle="(t) => (form.at = t)"
      />
      <MeasureField
        v-if="asks('by')"
        :label="form.kind === 'FACING' ? 'how deep' : 'by how much'"
        :value="form.by"
        name="change.by"
        :problem="problem"
        @settle="(t) => (form.by = t)"
      />
      <template v-if="asks('quantity')">
        <label class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
          >cut how many
          <input v-model.number="form.quantity" type="number" min="1" max="60" class="field text-right" />
        </label>
        <TickField v-model="form.pair" label="half of them mirrored" />
        <label class="text-sm text-muted"
          >From
          <select v-model="form.cloth" class="field">
            <option v-for="c in cloths" :key="c.id" :value="c.id">{{ c.words }}</option>
          </select>
        </label>
        <TickField v-model="form.wrongSideOut" label="wrong side out, on purpose" />
        <TickField v-model="form.uneven" label="halves differ, on purpose" />
      </template>
      <template v-if="asks('ease')">
        <MeasureField
          label="the second longer by"
          :value="form.ease"
          name="change.ease"
          :problem="problem"
          @settle="(t) => (form.ease = t)"
        />
        <MeasureField
          label="or gathered, stretched"
          :value="form.ratio"
          name="change.ratio"
          :problem="problem"
          @settle="(t) => (form.ratio = t)"
        />
      </template>
      <PlainField v-model="form.name" label="Call it" name="change.name" :problem="problem" />
      <button class="act">See what follows</button>
      <ChangeDoor v-if="wanted" :change="wanted" @done="wanted = undefined" />
    </form>
  </div>
</template>
