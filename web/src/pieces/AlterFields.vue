<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { ref, watch } from 'vue'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import ComplaintNote from '../ui/ComplaintNote.vue'
import MeasureField from '../ui/MeasureField.vue'

/** Everything that one change asks, and what it does. */
const { step } = defineProps<{ step: Schemas['AlterationView'] }>()
const { change } = useHand()
type Body = {
  picks?: Record<string, string>
  figures?: Record<string, string>
  pins?: { at: string; depth: string }[]
}
const send = (body: Body) =>
  change(({ path, query }) =>
    api.PUT('/api/projects/{id}/alterations/{alteration}', {
      params: { path: { ...path, alteration: step.id }, query },
      body,
    }),
  )
const pins = ref(step.pins.map((p) => ({ ...p })))
watch(
  () => step.pins,
  (now) => (pins.value = now.map((p) => ({ ...p }))),
)
/** Sent once both its figures are there. */
function pinned(i: number, patch: Partial<{ at: string; depth: string }>) {
  const all = pins.value.map((p, k) => (k === i ? { ...p, ...patch } : p))
  pins.value = all
  if (all.every((p) => p.at.trim() && p.depth.trim())) void send({ pins: all })
}
const drop = (i: number) => send({ pins: pins.value.filter((_, k) => k !== i) })
const isPlace = (a: Schemas['AskView']) => ['END', 'SEAM', 'PART', 'CLOSURE', 'CHOICE'].includes(a.type)
</script>

<template>
  <div class="mt-2 grid gap-2">
    <template v-for="a in step.asks" :key="a.id">
      <ChoiceField
        v-if="isPlace(a)"
        :model-value="a.text"
        :label="a.words"
        :empty="a.text ? undefined : 'choose, or tap it on the drawing'"
        :choices="
          a.options.some((o) => o.id === a.text) || !a.text
            ? a.options
            : [{ id: a.text, words: 'what is there no more' }, ...a.options]
        "
        @update:model-value="(id) => id !== a.text && send({ picks: { [a.id]: id } })"
      />
      <MeasureField
        v-else-if="a.type === 'LENGTH'"
        :label="a.words"
        :value="a.text"
        :proposed="a.proposed && !!a.text"
        :name="`figures.${a.id}`"
        @settle="(text) => send({ figures: { [a.id]: text } })"
      />
      <fieldset v-else class="grid gap-1">
        <legend class="text-[15px]">{{ a.words }}</legend>
        <div v-for="(p, i) in pins" :key="i" class="border-t border-line pt-1">
          <MeasureField
            label="up the seam"
            :value="p.at"
            name="pins.at"
            @settle="(at) => pinned(i, { at })"
          />
          <MeasureField
            label="folded depth, fold to pin"
            :value="p.depth"
            name="pins.depth"
            @settle="(depth) => pinned(i, { depth })"
          />
          <button type="button" class="act" @click="drop(i)">Without this place</button>
        </div>
        <ComplaintNote :of="['pins']" />
        <button type="button" class="act justify-self-start" @click="pins.push({ at: '', depth: '' })">
          <Plus :size="16" /> {{ pins.length ? 'Another place' : 'A place that was pinned' }}
        </button>
      </fieldset>
    </template>
    <ComplaintNote :of="['alteration.', 'picks.']" />
    <ul v-if="step.says.length" class="list-disc pl-5 text-[15px]">
      <li v-for="s in step.says" :key="s">{{ s }}</li>
    </ul>
    <dl class="grid gap-1 text-[15px]">
      <div v-if="step.opens.length">
        <dt class="text-sm text-muted">Opened</dt>
        <dd v-for="o in step.opens" :key="o" class="first-letter:uppercase">{{ o }}</dd>
      </div>
      <div v-if="step.sews.length">
        <dt class="text-sm text-muted">Sewn</dt>
        <dd v-for="s in step.sews" :key="s" class="first-letter:uppercase">{{ s }}</dd>
      </div>
      <div v-if="step.rings.length">
        <dt class="text-sm text-muted">All round</dt>
        <dd v-for="r in step.rings" :key="r.name" class="first-letter:uppercase">
          {{ r.name }}: {{ r.before || 'none' }} → <b>{{ r.after || 'none' }}</b>
        </dd>
      </div>
      <div v-if="step.walks.length">
        <dt class="text-sm text-muted">No longer alike</dt>
        <dd v-for="w in step.walks" :key="w" class="first-letter:uppercase">{{ w }}</dd>
      </div>
      <div v-if="step.lost.length">
        <dt class="text-sm text-muted">Lost with it</dt>
        <dd v-for="l in step.lost" :key="l" class="first-letter:uppercase">{{ l }}</dd>
      </div>
      <div v-if="step.checks.length">
        <dt class="text-sm text-muted">To try before the cut</dt>
        <dd v-for="c in step.checks" :key="c">{{ c }}</dd>
      </div>
    </dl>
  </div>
</template>
