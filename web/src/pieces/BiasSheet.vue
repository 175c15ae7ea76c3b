<script setup lang="ts">
import { useAttempt } from '../api/useAttempt'
import ComplaintNote from '../ui/ComplaintNote.vue'
import { provideProblem } from '../ui/problem'
import { computed, reactive, ref } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import { boundsOf } from '../drawing/paths'
import { inRows } from '../drawing/sideBySide'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TickField from '../ui/TickField.vue'

/** Bias strips out of what the lay leaves, or out of whole panels: real strips, drawn where they lie. */
const { project } = defineProps<{ project: ProjectView }>()
const form = reactive({
  finished: '12 mm',
  folds: '4',
  allowance: '0 mm',
  wanted: '1 m',
  slantedJoins: false,
  fromPanels: false,
})
const result = ref<Schemas['BiasView']>()
const { problem, attempt } = useAttempt()
provideProblem(problem)
async function look() {
  const strips = await attempt(() =>
    take(
      api.POST('/api/projects/{id}/sums/bias', {
        params: { path: { id: project.id } },
        body: { ...form, folds: Number(form.folds) },
      }),
    ),
  )
  if (strips) result.value = strips
}
const laid = computed(() => {
  const scraps = (result.value?.scraps ?? []).map((s, index) => ({ ...s, index }))
  return inRows(scraps, (s) => s.outline, 900, 60)
})
const box = computed(() =>
  boundsOf(laid.value.map((l) => l.item.outline.map((p) => [(p[0] ?? 0) + l.dx, (p[1] ?? 0) + l.dy]))),
)
const view = computed(
  () =>
    `${box.value.minX - 10} ${-box.value.maxY - 10} ${box.value.maxX - box.value.minX + 20} ${box.value.maxY - box.value.minY + 20}`,
)
</script>

<template>
  <details class="border-t border-line pt-2">
    <summary class="min-h-8 cursor-pointer text-lg">Bias strips and piping from scraps</summary>
    <form class="grid gap-2" @submit.prevent="look">
      <MeasureField
        label="finished width, or girth of the cord"
        :value="form.finished"
        name="bias.finished"
        @settle="(t) => (form.finished = t)"
      />
      <ChoiceField
        v-model="form.folds"
        label="times folded"
        :choices="[
          { id: '4', words: '4, double-fold binding' },
          { id: '2', words: '2, single' },
          { id: '1', words: '1, round a cord' },
        ]"
      />
      <MeasureField
        label="allowance at both edges"
        :value="form.allowance"
        name="bias.allowance"
        @settle="(t) => (form.allowance = t)"
      />
      <MeasureField
        label="length wanted"
        :value="form.wanted"
        name="bias.wanted"
        @settle="(t) => (form.wanted = t)"
      />
      <TickField v-model="form.slantedJoins" label="ends are cut along the grain" />
      <TickField v-model="form.fromPanels" label="out of whole panels, not of what the lay leaves" />
      <button class="act">Find strips</button>
      <ComplaintNote />
    </form>
    <section v-if="result" aria-live="polite" class="mt-2 grid gap-1">
      <p>Cut {{ result.width }} wide.</p>
      <p v-for="s in result.sentences" :key="s">{{ s }}</p>
      <svg :viewBox="view" class="max-h-72 w-full" role="img" aria-label="Strips on the scraps">
        <g transform="scale(1 -1)">
          <g v-for="l in laid" :key="l.item.index" :transform="`translate(${l.dx} ${l.dy})`">
            <ClothLine :points="l.item.outline" class="fill-paper stroke-ink" stroke-width="1.5" />
            <ClothLine
              v-for="(s, i) in result.strips.filter((x) => x.scrap === l.item.index)"
              :key="i"
              :points="s.outline"
              class="fill-table stroke-madder"
              stroke-width="1"
            />
          </g>
        </g>
      </svg>
    </section>
  </details>
</template>
