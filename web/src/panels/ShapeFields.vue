<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take, type ProjectView } from '../api/client'
import ChoiceField from '../ui/ChoiceField.vue'
import type { Shape, Tape } from './useTape'

/** Measures of a ready shape, in the order one takes them; each is numbered as on the drawing. */
const { tape, project } = defineProps<{ tape: Tape; project: ProjectView }>()
const emit = defineEmits<{ next: [e: KeyboardEvent] }>()
const { form, problem } = tape
const shapes = useQuery({
  queryKey: ['shapes', computed(() => project.unit)],
  queryFn: () => take(api.GET('/api/tape/shapes', { params: { query: { unit: project.unit } } })),
  staleTime: Infinity,
})
const choices = computed(() => (shapes.data.value ?? []).map((s) => ({ id: s.shape, words: s.words })))
const measures = computed(() => shapes.data.value?.find((s) => s.shape === form.shape)?.measures ?? [])
const complaint = (id: string) =>
  problem.value?.field === 'measures.' + id && form.measures[id] ? problem.value.detail : undefined
/** Until somebody measures, an average one is drawn, so that one sees what is asked for. */
function usual() {
  form.measures = Object.fromEntries(measures.value.map((m) => [m.id, m.first]))
}
function choose(shape: Shape) {
  form.shape = shape
  form.points = []
  usual()
}
</script>

<template>
  <div class="grid gap-2">
    <ChoiceField
      :model-value="form.shape"
      label="Shape"
      :choices="choices"
      @update:model-value="(s) => choose(s)"
    />
    <div class="flex flex-wrap items-center gap-3 text-sm">
      <button type="button" class="act" :disabled="!measures.length" @click="usual">
        Begin with an average one
      </button>
      <a class="underline" :href="`/api/tape/survey-sheet.pdf?way=SHAPE&shape=${form.shape}`" download
        >Sheet to fill in at the table</a
      >
    </div>
    <div
      v-for="(m, i) in measures"
      :key="m.id"
      class="grid grid-cols-[1.6rem_1fr_8.5rem] items-baseline gap-x-2"
    >
      <span class="text-sm text-muted">{{ i + 1 }}</span>
      <label :for="'measure-' + m.id" class="text-[15px] leading-tight"
        ><span v-if="m.kind === 'CHECK'" class="text-muted">to check: </span>{{ m.words }}</label
      >
      <input
        :id="'measure-' + m.id"
        v-model.lazy="form.measures[m.id]"
        data-figure
        class="field text-right"
        autocomplete="off"
        :aria-invalid="!!complaint(m.id)"
        @keydown.enter="(e: KeyboardEvent) => emit('next', e)"
      />
      <p v-if="complaint(m.id)" class="col-span-3 text-sm text-madder" role="alert">{{ complaint(m.id) }}</p>
    </div>
  </div>
</template>
