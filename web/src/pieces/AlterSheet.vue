<script setup lang="ts">
import { ArrowDown, ArrowUp, Plus, Trash2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import PutOnList from '../project/PutOnList.vue'
import ComplaintNote from '../ui/ComplaintNote.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import AlterFields from './AlterFields.vue'

/** What is done to a garment that stays sewn, one change after the other. */
const { altered, step } = defineProps<{
  altered: NonNullable<ProjectView['altered']>
  /** which of them is open; -1 for none */
  step: number
}>()
const emit = defineEmits<{ open: [step: number] }>()
const { change, busy } = useHand()
type Kind = Schemas['AlterationKindView']['kind']
const kind = ref<Kind>('SHORTEN')
const kinds = computed(() => altered.kinds.map((k) => ({ id: k.kind, words: k.words })))
const meaning = computed(() => altered.kinds.find((k) => k.kind === kind.value)?.meaning)
async function add() {
  const body = { kind: kind.value }
  const count = altered.steps.length
  if (await change((params) => api.POST('/api/projects/{id}/alterations', { params, body })))
    emit('open', count)
}
const at = (alteration: string) => (params: { path: { id: string }; query: { version: number } }) => ({
  params: { path: { ...params.path, alteration }, query: params.query },
})
async function takeBack(id: string, i: number) {
  const done = await change((p) => api.DELETE('/api/projects/{id}/alterations/{alteration}', at(id)(p)))
  if (done && step >= i) emit('open', step === i ? -1 : step - 1)
}
async function move(id: string, to: number) {
  const body = { to }
  const moved = await change((p) =>
    api.POST('/api/projects/{id}/alterations/{alteration}/place', { ...at(id)(p), body }),
  )
  if (moved) emit('open', to)
}
/** Of a change in a word or two what it is about. */
const about = (s: Schemas['AlterationView']) =>
  s.asks
    .filter((a) => ['END', 'SEAM', 'PART', 'CLOSURE'].includes(a.type))
    .map((a) => a.options.find((o) => o.id === a.text)?.words ?? '')
    .join(', ')
const ringsChanged = computed(() => altered.rings.filter((r) => r.changed))
</script>

<template>
  <div class="grid gap-4">
    <p v-if="!altered.steps.length" class="text-[15px] text-muted">
      The garment stays sewn. Choose what is done to it first; each change is drawn at once, can be changed
      and taken back, and those after it go by what it leaves.
    </p>
    <ol class="grid gap-2">
      <li v-for="(s, i) in altered.steps" :key="s.id" class="border-t border-line pt-2">
        <div class="flex items-center gap-1">
          <button
            class="grow text-left"
            :aria-expanded="step === i"
            @click="emit('open', step === i ? -1 : i)"
          >
            <span class="text-lg first-letter:uppercase">{{ i + 1 }}. {{ s.words }}</span>
            <span class="block text-[15px] text-muted first-letter:uppercase">{{ about(s) }}</span>
          </button>
          <button
            v-if="i"
            class="act !px-2"
            :disabled="busy"
            :aria-label="`${s.words}: earlier`"
            @click="move(s.id, i - 1)"
          >
            <ArrowUp :size="16" />
          </button>
          <button
            v-if="i + 1 < altered.steps.length"
            class="act !px-2"
            :disabled="busy"
            :aria-label="`${s.words}: later`"
            @click="move(s.id, i + 1)"
          >
            <ArrowDown :size="16" />
          </button>
          <button
            class="act !px-2"
            :disabled="busy"
            :aria-label="`Take back: ${s.words}`"
            @click="takeBack(s.id, i)"
          >
            <Trash2 :size="16" />
          </button>
        </div>
        <p v-if="s.refusal" class="text-[15px] text-madder" role="status">{{ s.refusal }}</p>
        <AlterFields v-if="step === i" :step="s" />
      </li>
    </ol>
    <form class="grid gap-2 border-t border-line pt-3" @submit.prevent="add">
      <ChoiceField
        v-model="kind"
        :label="altered.steps.length ? 'And then' : 'What is done first'"
        :choices="kinds"
      />
      <p class="text-sm text-muted">{{ meaning }}</p>
      <ComplaintNote :of="['kind', 'alterations']" />
      <button class="act act-main justify-self-start" :disabled="busy">
        <Plus :size="16" /> Add this change
      </button>
    </form>
    <section v-if="ringsChanged.length" class="border-t border-line pt-2">
      <h3 class="text-lg">All round</h3>
      <table class="w-full text-[15px]">
        <thead class="text-left text-sm text-muted">
          <tr>
            <th scope="col" class="font-normal">ring</th>
            <th scope="col" class="text-right font-normal">now</th>
            <th scope="col" class="text-right font-normal">then</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in ringsChanged" :key="r.name">
            <td class="first-letter:uppercase">{{ r.name }}</td>
            <td class="text-right text-muted">{{ r.before || 'none' }}</td>
            <td class="text-right font-semibold">{{ r.after || 'none' }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <PutOnList :openings="altered.putOn" />
    <section v-if="altered.offs.length || altered.cutFromCloth.length" class="border-t border-line pt-2">
      <h3 class="text-lg">Where the cloth goes</h3>
      <ul class="text-[15px]">
        <li v-for="o in altered.offs" :key="o.id" class="flex gap-2">
          <span class="grow first-letter:uppercase">{{ o.name }}</span>
          <span class="text-muted">{{ o.size }}</span>
        </li>
        <li v-for="c in altered.cutFromCloth" :key="c"><span class="text-muted">To be cut:</span> {{ c }}</li>
      </ul>
    </section>
  </div>
</template>
