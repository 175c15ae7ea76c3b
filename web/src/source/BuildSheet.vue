<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { Trash2 } from '@lucide/vue'
import { computed, reactive, ref } from 'vue'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'

/** Faults found, cloth folded away, and where this source differs from the ready one of its kind. */
const { source } = defineProps<{ source: Schemas['SourceView'] }>()
const emit = defineEmits<{ faults: [faults: Schemas['Fault'][]] }>()
const { change, busy } = useHand()

const fault = reactive({ what: '', where: '', remedy: 'REMOVE' as Schemas['Fault']['remedy'] })
const remedies = [
  { id: 'REMOVE', words: 'take it out: a step before cutting' },
  { id: 'HIDE', words: 'hide it' },
  { id: 'AVOID', words: 'keep clear of it' },
] as const
function addFault() {
  emit('faults', [...source.faults, { ...fault }])
  fault.what = ''
  fault.where = ''
}

const whats = [
  { id: 'part', words: 'a part more' },
  { id: 'join', words: 'a join more' },
  { id: 'fold', words: 'darts, pleats or gathers' },
  { id: 'pocket', words: 'a pocket' },
  { id: 'lining', words: 'a lining' },
  { id: 'take-out', words: 'a part that it lacks' },
] as const
const what = ref<(typeof whats)[number]['id']>('pocket')
const a = ref<Record<string, string>>({})
const partChoices = computed(() => source.parts.map((p) => ({ id: p.id, words: p.name })))
const edgesOf = (part?: string) =>
  (source.parts.find((p) => p.id === part)?.edges ?? []).map((e) => ({
    id: e.name,
    words: e.name.replace('-', ' '),
  }))
const folds = [
  { id: 'DART', words: 'darts' },
  { id: 'PLEAT', words: 'pleats' },
  { id: 'GATHER', words: 'gathers' },
  { id: 'TUCK', words: 'tucks' },
] as const
const stitches = [
  { id: 'PLAIN', words: 'plain machine seam (301)' },
  { id: 'TOPSTITCHED', words: 'topstitched (301)' },
  { id: 'CHAIN', words: 'chain stitch (401)' },
  { id: 'COVER', words: 'cover stitch (406)' },
  { id: 'OVERLOCKED', words: 'overlock (504)' },
  { id: 'FELLED', words: 'flat-felled (301)' },
  { id: 'HAND', words: 'hand stitches' },
  { id: 'KNITTED_ON', words: 'no seam: knitted in one' },
] as const
const fields: Record<string, { id: string; label: string }[]> = {
  part: [
    { id: 'width', label: 'width' },
    { id: 'height', label: 'height' },
  ],
  join: [
    { id: 'length', label: 'length' },
    { id: 'allowance', label: 'allowance on each side' },
  ],
  fold: [
    { id: 'count', label: 'how many' },
    { id: 'width', label: 'folded depth of one' },
    { id: 'length', label: 'length of one' },
  ],
  pocket: [
    { id: 'width', label: 'width' },
    { id: 'height', label: 'height' },
  ],
  lining: [],
  'take-out': [],
}
const hasPart = computed(() => what.value !== 'part')
const hasEdge = computed(() => ['join', 'fold', 'lining'].includes(what.value))
async function add() {
  const body = { ...a.value, what: what.value } as unknown as Schemas['AdjustmentRequest']
  if (await change((params) => api.POST('/api/projects/{id}/source/adjustments', { params, body })))
    a.value = {}
}
const remove = (index: number) =>
  change(({ path, query }) =>
    api.DELETE('/api/projects/{id}/source/adjustments/{index}', {
      params: { path: { ...path, index }, query },
    }),
  )
</script>

<template>
  <div class="grid gap-4">
    <section v-if="source.folds.length">
      <h3 class="text-lg">Cloth folded away</h3>
      <ul>
        <li v-for="f in source.folds" :key="f.id" class="flex gap-2 border-t border-line py-1">
          <span class="grow">{{ f.words }}, {{ f.part.replace('-', ' ') }}</span
          ><b class="whitespace-nowrap">{{ f.hidden }}</b>
        </li>
      </ul>
    </section>
    <section>
      <h3 class="text-lg">Faults and marks</h3>
      <ul>
        <li
          v-for="(f, i) in source.faults"
          :key="i"
          class="flex items-center gap-2 border-t border-line py-1"
        >
          <span class="grow"
            ><b>{{ f.what }}</b
            >{{ f.where ? ', ' + f.where : '' }}
            <span class="block text-sm text-muted">{{
              remedies.find((r) => r.id === f.remedy)?.words
            }}</span></span
          >
          <button
            class="act !px-2"
            :aria-label="`Forget ${f.what}`"
            @click="
              emit(
                'faults',
                source.faults.filter((_, k) => k !== i),
              )
            "
          >
            <Trash2 :size="18" />
          </button>
        </li>
      </ul>
      <form class="mt-2 grid gap-2" @submit.prevent="addFault">
        <PlainField v-model="fault.what" label="What is wrong" name="fault.what" />
        <PlainField v-model="fault.where" label="Where" name="fault.where" />
        <ChoiceField v-model="fault.remedy" label="What to do" :choices="[...remedies]" />
        <button class="act" :disabled="busy || !fault.what.trim()">Note the fault</button>
      </form>
    </section>
    <section>
      <h3 class="text-lg">How this one differs</h3>
      <ul>
        <li
          v-for="(t, i) in source.adjustments"
          :key="i"
          class="flex items-center gap-2 border-t border-line py-1"
        >
          <span class="grow first-letter:uppercase">{{ t }}</span>
          <button class="act !px-2" :aria-label="`Take back: ${t}`" @click="remove(i)">
            <Trash2 :size="18" />
          </button>
        </li>
      </ul>
      <form class="mt-2 grid gap-2" @submit.prevent="add">
        <ChoiceField v-model="what" label="It has" :choices="[...whats]" />
        <PlainField
          v-if="what === 'part' || what === 'join'"
          :model-value="a.name ?? ''"
          label="Call it"
          name="adjustment.name"
          @update:model-value="(t) => (a.name = t)"
        />
        <ChoiceField
          v-if="hasPart"
          :model-value="a.part ?? ''"
          label="Part"
          :choices="partChoices"
          @update:model-value="(t) => (a.part = t)"
        />
        <ChoiceField
          v-if="hasEdge"
          :model-value="a.edge ?? ''"
          label="Edge"
          :choices="edgesOf(a.part)"
          @update:model-value="(t) => (a.edge = t)"
        />
        <template v-if="what === 'join'">
          <ChoiceField
            :model-value="a.otherPart ?? ''"
            label="joined to part"
            :choices="partChoices"
            @update:model-value="(t) => (a.otherPart = t)"
          />
          <ChoiceField
            :model-value="a.otherEdge ?? ''"
            label="at edge"
            :choices="edgesOf(a.otherPart)"
            @update:model-value="(t) => (a.otherEdge = t)"
          />
          <ChoiceField
            :model-value="a.stitch ?? 'PLAIN'"
            label="Stitch"
            :choices="[...stitches]"
            @update:model-value="(t) => (a.stitch = t)"
          />
        </template>
        <ChoiceField
          v-if="what === 'fold'"
          :model-value="a.fold ?? ''"
          label="Folds"
          :choices="[...folds]"
          @update:model-value="(t) => (a.fold = t)"
        />
        <MeasureField
          v-for="f in fields[what]"
          :key="what + f.id"
          :label="f.label"
          :value="a[f.id] ?? ''"
          :name="'adjustment.' + f.id"
          @settle="(t) => (a[f.id] = t)"
        />
        <ComplaintNote :of="['source.adjustments', 'fold.', 'join.']" />
        <button class="act" :disabled="busy">Add it to the drawing</button>
      </form>
    </section>
  </div>
</template>
