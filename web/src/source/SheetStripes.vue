<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import { api, type ProjectView } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import ComplaintNote from '../ui/ComplaintNote.vue'
import MeasureField from '../ui/MeasureField.vue'
import TickField from '../ui/TickField.vue'

/** Stripes or checks of cloth that lies flat: where they run, so that pieces can meet in them. */
const { cloth } = defineProps<{ cloth: ProjectView['cloths'][number] }>()
const { change, busy } = useHand()
const ways = [
  { id: 'NONE', words: 'none' },
  { id: 'ALONG', words: 'stripes along the grain' },
  { id: 'ACROSS', words: 'stripes across the grain' },
  { id: 'CHECK', words: 'a check, both ways' },
] as const
type Way = (typeof ways)[number]['id']
const blank = () => ({ period: '', first: '' })
const form = reactive({ way: 'NONE' as Way, along: blank(), across: blank(), matched: true })
const told = computed(() => cloth.stripes.map((s) => `every ${s.period}`).join(', '))
watch(
  () => cloth.stripes,
  (stripes) => {
    const along = stripes.find((s) => s.across)
    const across = stripes.find((s) => !s.across)
    form.way = along && across ? 'CHECK' : along ? 'ALONG' : across ? 'ACROSS' : 'NONE'
    Object.assign(form.along, along ?? blank())
    Object.assign(form.across, across ?? blank())
    form.matched = stripes.length === 0 || stripes.some((s) => s.matched)
  },
  { immediate: true },
)
const shows = computed(() => ({
  along: form.way === 'ALONG' || form.way === 'CHECK',
  across: form.way === 'ACROSS' || form.way === 'CHECK',
}))
function keep() {
  const { along, across, matched } = form
  const stripes = [
    ...(shows.value.along ? [{ across: true, period: along.period, first: along.first, matched }] : []),
    ...(shows.value.across ? [{ across: false, period: across.period, first: across.first, matched }] : []),
  ]
  return change((params) =>
    api.PUT('/api/projects/{id}/cloths/{mark}/stripes', {
      params: { ...params, path: { ...params.path, mark: cloth.mark } },
      body: { stripes },
    }),
  )
}
</script>

<template>
  <details>
    <summary class="min-h-8 cursor-pointer text-sm">
      Stripes: {{ told || 'none' }}{{ told && (form.matched ? '; they meet at the seams' : '') }}
    </summary>
    <form class="grid gap-1" novalidate @submit.prevent="keep">
      <ChoiceField v-model="form.way" label="It has" :choices="[...ways]" />
      <template v-if="shows.along">
        <MeasureField
          label="from line to line"
          :value="form.along.period"
          name="stripes.period"
          @settle="(t) => (form.along.period = t)"
        />
        <MeasureField
          label="left edge to the first line"
          :value="form.along.first"
          name="stripes.first"
          @settle="(t) => (form.along.first = t)"
        />
      </template>
      <template v-if="shows.across">
        <MeasureField
          label="from line to line, up the grain"
          :value="form.across.period"
          name="stripes.period"
          @settle="(t) => (form.across.period = t)"
        />
        <MeasureField
          label="lower edge to the first line"
          :value="form.across.first"
          name="stripes.first"
          @settle="(t) => (form.across.first = t)"
        />
      </template>
      <TickField
        v-if="form.way !== 'NONE'"
        v-model="form.matched"
        label="they meet where pieces are sewn together"
      />
      <ComplaintNote :of="['repeats.period', 'repeats.first', 'stripes']" />
      <button class="act" :disabled="busy">Keep the stripes</button>
    </form>
  </details>
</template>
