<script setup lang="ts">
import { useAttempt } from '../api/useAttempt'
import ComplaintNote from '../ui/ComplaintNote.vue'
import { provideProblem } from '../ui/problem'
import { computed, reactive, ref } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import { boundsOf } from '../drawing/paths'
import { inRows } from '../drawing/sideBySide'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import PlainField from '../ui/PlainField.vue'
import MeasureField from '../ui/MeasureField.vue'

/** Bands, ties and bindings pieced from offcuts: real strips, drawn where they lie, with joins and length before the first cut. */
const { project } = defineProps<{ project: ProjectView }>()
const form = reactive({
  finished: '12 mm',
  folds: '4',
  allowance: '0 mm',
  wanted: '1 m',
  way: 'BIAS' as NonNullable<Ask['way']>,
  joining: 'DIAGONAL' as NonNullable<Ask['joining']>,
  from: 'LEFT' as NonNullable<Ask['from']>,
  cloth: '',
  name: '',
})
type Ask = Schemas['StripRequest']
const result = ref<Schemas['StripsView']>()
/** Any cloth of the project, or the one that is to show. */
const roles = computed(() => [
  { id: '', words: 'any cloth' },
  ...project.roles
    .filter((r) => project.cloths.some((c) => c.roles.includes(r.role)))
    .map((r) => ({ id: r.role, words: r.words })),
])
const { problem, attempt } = useAttempt()
const { change, busy, problem: refused } = useHand()
provideProblem(computed(() => problem.value ?? refused.value))
const asked = () => ({
  ...form,
  folds: Number(form.folds),
  cloth: (form.cloth || undefined) as Ask['cloth'],
})
async function look() {
  const strips = await attempt(() =>
    take(api.POST('/api/projects/{id}/sums/strips', { params: { path: { id: project.id } }, body: asked() })),
  )
  if (strips) result.value = strips
}
/** The strips that were found become pieces of the pattern, and lie where the lay finds them a place. */
const put = () =>
  change((params) => api.POST('/api/projects/{id}/sums/strips/put', { params, body: asked() }))
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
    <summary class="min-h-8 cursor-pointer text-lg">Bands, ties and bindings from offcuts</summary>
    <form class="grid gap-2" @submit.prevent="look">
      <MeasureField
        label="finished width, or girth of the cord"
        :value="form.finished"
        name="strips.finished"
        @settle="(t) => (form.finished = t)"
      />
      <ChoiceField
        v-model="form.folds"
        label="times folded"
        :choices="[
          { id: '4', words: '4, double-fold binding' },
          { id: '2', words: '2, single' },
          { id: '1', words: '1, flat, or round a cord' },
        ]"
      />
      <MeasureField
        label="allowance at both edges"
        :value="form.allowance"
        name="strips.allowance"
        @settle="(t) => (form.allowance = t)"
      />
      <MeasureField
        label="length wanted"
        :value="form.wanted"
        name="strips.wanted"
        @settle="(t) => (form.wanted = t)"
      />
      <ChoiceField
        v-model="form.way"
        label="cut"
        :choices="[
          { id: 'BIAS', words: 'on the bias' },
          { id: 'ALONG', words: 'along the grain' },
          { id: 'ACROSS', words: 'across the grain' },
          { id: 'EITHER', words: 'along or across' },
        ]"
      />
      <ChoiceField
        v-model="form.joining"
        label="joined"
        :choices="[
          { id: 'DIAGONAL', words: 'square ends, on the diagonal' },
          { id: 'STRAIGHT', words: 'straight across' },
          { id: 'SLANTED', words: 'ends cut at 45° already' },
        ]"
      />
      <ChoiceField
        v-model="form.from"
        label="out of"
        :choices="[
          { id: 'LEFT', words: 'what the lay leaves' },
          { id: 'PANELS', words: 'whole panels' },
          { id: 'STASH', words: 'panels and remnants of the stash' },
        ]"
      />
      <ChoiceField v-if="form.from !== 'STASH'" v-model="form.cloth" label="of" :choices="roles" />
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
      <template v-if="project.aim.cutOut && result.strips.length">
        <PlainField v-model="form.name" label="Call them" name="change.name" />
        <button class="act" :disabled="busy" @click="put">Put these strips into the pattern</button>
      </template>
    </section>
  </details>
</template>
