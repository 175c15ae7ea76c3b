<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { ref } from 'vue'
import { useDrafts } from '../aim/useDrafts'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'

/** The drafts of this project: their free dimensions, edited live, what they are made of, and one more beside them. */
defineProps<{ orders: Schemas['OrderView'][]; notes: string[]; cautions: string[] }>()
const { change, busy } = useHand()
const { families } = useDrafts()
const wanted = ref('')
const choose = (index: number, id: string, text: string) =>
  change((params) =>
    api.PUT('/api/projects/{id}/pattern/drafts/{index}/choices', {
      params: { ...params, path: { ...params.path, index } },
      body: { choices: { [id]: text } },
    }),
  )
async function add() {
  const added = await change((params) =>
    api.POST('/api/projects/{id}/pattern/drafts', { params, body: { draft: wanted.value } }),
  )
  if (added) wanted.value = ''
}
const remove = (index: number) =>
  change((params) =>
    api.DELETE('/api/projects/{id}/pattern/drafts/{index}', {
      params: { ...params, path: { ...params.path, index } },
    }),
  )
type Dimension = Schemas['DimensionView']
const isTyped = (d: Dimension) => d.kind !== 'TICK' && d.kind !== 'CHOICE'
const hint = (d: Dimension) =>
  [d.hint, d.text !== d.usual ? `usual ${d.usual}` : ''].filter(Boolean).join('; ') || undefined
</script>

<template>
  <div class="grid gap-4">
    <section v-for="c in cautions" :key="c" class="border-l-4 border-madder bg-table px-3 py-2" role="note">
      <b>Caution.</b> {{ c }}
    </section>
    <ComplaintNote :of="['choices']" />
    <section v-for="(o, i) in orders" :key="o.draft + i" class="grid gap-1">
      <div class="flex items-baseline gap-3">
        <h3 class="grow text-xl first-letter:uppercase">{{ o.words }}</h3>
        <button class="act act-quiet text-sm" :disabled="busy" @click="remove(i)">Take out</button>
      </div>
      <p class="text-muted">{{ o.about }} Cloth: {{ o.cloth }}.</p>
      <template v-for="d in o.dimensions" :key="d.id">
        <MeasureField
          v-if="isTyped(d)"
          :label="d.words"
          :value="d.text"
          :name="'choices.' + d.id"
          :proposed="!d.chosen"
          :hint="hint(d)"
          @settle="(text) => choose(i, d.id, text)"
        />
        <label v-else-if="d.kind === 'TICK'" class="flex min-h-9 items-center gap-3 text-[15px]"
          ><input
            type="checkbox"
            class="size-5 accent-madder"
            :checked="d.text === '1'"
            @change="choose(i, d.id, d.text === '1' ? '0' : '1')"
          />{{ d.words }}</label
        >
        <ChoiceField
          v-else
          :label="d.words"
          :model-value="d.text"
          :choices="d.options.map((words, k) => ({ id: String(k), words }))"
          @update:model-value="(k) => choose(i, d.id, k)"
        />
      </template>
      <details class="text-sm text-muted">
        <summary class="min-h-8 cursor-pointer">The sums behind it</summary>
        <p>{{ o.formula }}</p>
        <p v-if="o.whole.length">Not to be pieced: {{ o.whole.join(', ').replaceAll('-', ' ') }}.</p>
      </details>
    </section>
    <ul v-if="notes.length" class="grid gap-1 border-t border-line pt-2 text-[15px]">
      <li v-for="n in notes" :key="n">{{ n }}</li>
    </ul>
    <form class="flex items-end gap-2 border-t border-line pt-3" @submit.prevent="add">
      <ChoiceField
        v-model="wanted"
        class="grow"
        label="Draft something beside it"
        empty="choose …"
        :groups="families.map((f) => ({ words: f.words, choices: f.drafts }))"
      />
      <button class="act" :disabled="busy || !wanted">Draft it</button>
    </form>
    <ComplaintNote :of="['aim.']" />
  </div>
</template>
