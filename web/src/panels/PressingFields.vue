<script setup lang="ts">
import { reactive } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'

/** What pressing or washing did to the size of a panel. */
const { panel } = defineProps<{ panel: ProjectView['panels'][number] }>()
const { change, busy } = useHand()
const pressing = reactive({
  what: 'pressed',
  direction: 'BOTH' as Schemas['PressingView']['direction'],
  before: '',
  after: '',
})
const directions = [
  { id: 'BOTH' as const, words: 'in both directions' },
  { id: 'ALONG' as const, words: 'along the grain only' },
  { id: 'ACROSS' as const, words: 'across the grain only' },
]
async function press() {
  const done = await change(({ path, query }) =>
    api.POST('/api/projects/{id}/panels/{panel}/pressings', {
      params: { path: { ...path, panel: panel.id }, query },
      body: { ...pressing },
    }),
  )
  if (done) pressing.before = pressing.after = ''
}
const unpress = () =>
  change(({ path, query }) =>
    api.DELETE('/api/projects/{id}/panels/{panel}/pressings', {
      params: { path: { ...path, panel: panel.id }, query },
    }),
  )
</script>

<template>
  <section class="grid gap-2">
    <h3 class="text-lg">After pressing or washing</h3>
    <p v-for="(p, i) in panel.carried.pressings" :key="i">
      {{ p.what || 'pressed' }}: {{ p.before }} became {{ p.after }}
      <span class="text-muted">{{ directions.find((d) => d.id === p.direction)?.words }}</span>
    </p>
    <button
      v-if="panel.carried.pressings.length"
      class="act justify-self-start"
      :disabled="busy"
      @click="unpress"
    >
      Back to the size before the last
    </button>
    <PlainField v-model="pressing.what" label="What was done" name="pressing.what" />
    <ChoiceField v-model="pressing.direction" label="It changed" :choices="directions" />
    <MeasureField
      label="a distance before"
      :value="pressing.before"
      name="pressing.before"
      @settle="(t) => (pressing.before = t)"
    />
    <MeasureField
      label="the same distance now"
      :value="pressing.after"
      name="pressing.after"
      @settle="(t) => (pressing.after = t)"
    />
    <button
      class="act justify-self-start"
      :disabled="busy || !pressing.before || !pressing.after"
      @click="press"
    >
      Scale the panel
    </button>
  </section>
</template>
