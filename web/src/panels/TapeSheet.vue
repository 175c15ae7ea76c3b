<script setup lang="ts">
import { provideProblem } from '../ui/problem'
import { CornerDownLeft, Plus, Trash2 } from '@lucide/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { api, type ProjectView } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import { stepped } from '../ui/step'
import FileFields from './FileFields.vue'
import PhotoFields from './PhotoFields.vue'
import ShapeFields from './ShapeFields.vue'
import TapePointRow from './TapePointRow.vue'
import type { Tape, Way } from './useTape'

/** A panel measured on the cloth itself; each figure redraws it. Enter goes on to the next figure. */
const { project, panel, tape } = defineProps<{
  project: ProjectView
  panel?: ProjectView['panels'][number]
  tape: Tape
}>()
const emit = defineEmits<{ stored: [id: string] }>()
const { change, busy, problem: refusal } = useHand()
const { form, drawn, problem } = tape
provideProblem(computed(() => problem.value ?? refusal.value))
const rows = ref<HTMLElement>()
watch(
  () => [panel?.id, project.version] as const,
  () => tape.begin(panel?.taped, panel?.name ?? ''),
  { immediate: true },
)
const ways: { id: Way; words: string }[] = [
  { id: 'SHAPE', words: 'a ready shape by its measures' },
  { id: 'SIDES', words: 'four sides and diagonals' },
  { id: 'BASELINE', words: 'a straight tape, and square off it' },
  { id: 'PINS', words: 'from two pins' },
  { id: 'PHOTO', words: 'a photo with a sheet beside it' },
  { id: 'FILE', words: 'a drawing from a file' },
]
const sides = [
  { id: 'lower', label: 'lower side' },
  { id: 'right', label: 'right side' },
  { id: 'upper', label: 'upper side' },
  { id: 'left', label: 'left side' },
  { id: 'rising', label: 'diagonal, lower left to upper right' },
  { id: 'falling', label: 'diagonal, upper left to lower right' },
] as const
const layers = [
  { id: 'SHELL', words: 'the outer cloth of the source' },
  { id: 'LINING', words: 'its lining' },
] as const
const way = ref<Way>(form.way)
watch(
  () => form.way,
  (now) => (way.value = now),
)
/** The next figure; after the last of a row the next row, which is made where there is none. */
async function next(e: KeyboardEvent) {
  e.preventDefault()
  const fields = [...(rows.value?.querySelectorAll<HTMLElement>('[data-figure]') ?? [])]
  const at = fields.indexOf(e.target as HTMLElement)
  if (at === fields.length - 1 && tape.byEdges.value) {
    ;(e.target as HTMLElement).blur()
  } else if (at === fields.length - 1) {
    tape.insert(form.points.length - 1)
    await nextTick()
    const more = rows.value?.querySelectorAll<HTMLElement>('[data-figure]')
    more?.[at + 1]?.focus()
  } else fields[at + 1]?.focus()
}
/** A millimetre more or less by the arrows, in whichever figure the cursor stands. */
function step(e: KeyboardEvent) {
  const figure = e.target as HTMLInputElement
  if ((e.key !== 'ArrowUp' && e.key !== 'ArrowDown') || figure.tagName !== 'INPUT' || figure.type !== 'text')
    return
  const next = stepped(figure.value, e.key === 'ArrowUp', project.unit)
  if (next === figure.value) return
  e.preventDefault()
  figure.value = next
  figure.dispatchEvent(new Event('input', { bubbles: true }))
  figure.dispatchEvent(new Event('change', { bubbles: true }))
}
const complaint = (i: number) => {
  const told = problem.value ?? refusal.value
  return told?.field?.startsWith(`points[${i}]`) || told?.field?.startsWith(`pins.points[${i}]`)
    ? told.detail
    : undefined
}
async function store() {
  const id =
    panel?.id ??
    form.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
  const done = await change(({ path, query }) =>
    api.PUT('/api/projects/{id}/panels/{panel}/taped', {
      params: { path: { ...path, panel: id }, query },
      body: tape.body(),
    }),
  )
  if (done) emit('stored', id)
}
const untape = () =>
  change(({ path, query }) =>
    api.DELETE('/api/projects/{id}/panels/{panel}/taped', {
      params: { path: { ...path, panel: panel?.id ?? '' }, query },
    }),
  )
</script>

<template>
  <form class="grid gap-3" @submit.prevent="store" @keydown="step">
    <PlainField v-if="!panel" v-model="form.name" label="Call the panel" name="tape.name" />
    <ChoiceField v-if="!panel" v-model="form.layer" label="Its cloth" :choices="[...layers]" />
    <ChoiceField v-model="way" label="Measured on the cloth by" :choices="ways" @change="tape.goAbout(way)" />
    <p class="text-sm text-muted">
      <template v-if="form.way === 'SIDES'">
        Both diagonals: four sides and one diagonal draw it, the other one checks them.
      </template>
      <template v-else-if="form.way === 'BASELINE'">
        Lay a tape along a thread. For each point, once round: how far along the tape, how far square to the
        right of it (− to the left).
      </template>
      <template v-else-if="form.way === 'SHAPE'">
        Each number stands on the drawing where its tape lies. The last one checks the others.
      </template>
      <template v-else-if="form.way === 'FILE'">
        The cloth’s edge as one closed line. Say one distance that you measured, so that its scale is proved.
      </template>
      <template v-else-if="form.way === 'PHOTO'">
        The sheet beside the cloth tells scale and tilt; one distance by the tape proves it.
      </template>
      <template v-else>
        Two pins on one thread beside the cloth. For each point, once round: its distance from both; from
        point to point where you can, so that the figures check each other.
      </template>
    </p>
    <MeasureField
      v-if="form.way === 'PINS'"
      label="between the pins"
      :value="form.apart"
      name="pins.apart"
      @settle="(t) => (form.apart = t)"
    />
    <template v-if="form.way === 'SIDES'">
      <MeasureField
        v-for="s in sides"
        :key="s.id"
        :label="s.label"
        :value="form.sides[s.id] ?? ''"
        :name="'sides.' + s.id"
        @settle="(t) => (form.sides[s.id] = t)"
      />
    </template>
    <PhotoFields v-if="form.way === 'PHOTO'" :tape="tape" :panel="panel" />
    <FileFields v-if="form.way === 'FILE'" :tape="tape" :project="project" />
    <p v-if="form.way !== 'SHAPE' && form.way !== 'PHOTO' && form.way !== 'FILE'" class="text-sm">
      <a class="underline" :href="`/api/tape/survey-sheet.pdf?way=${form.way}`" download
        >Sheet to fill in at the table</a
      >
    </p>
    <div ref="rows" class="grid gap-1">
      <ShapeFields v-if="form.way === 'SHAPE'" :tape="tape" :project="project" @next="next" />
      <TapePointRow
        v-for="(_, i) in form.points"
        :key="i"
        v-model="form.points[i]!"
        :way="form.way"
        :index="i"
        :moved="drawn?.residuals[i]"
        :complaint="complaint(i)"
        :can-go="form.points.length > 3"
        @next="next"
        @insert="tape.insert(i)"
        @remove="tape.remove(i)"
      />
    </div>
    <template v-if="form.way === 'BASELINE' || form.way === 'PINS'">
      <p class="flex items-center gap-1 text-sm text-muted">
        <CornerDownLeft :size="14" /> Enter goes on to the next figure, and makes a new point after the last.
      </p>
      <template v-if="form.way === 'PINS'">
        <div
          v-for="(c, i) in form.checks"
          :key="'c' + i"
          class="grid grid-cols-[4rem_4rem_1fr_2.5rem] items-end gap-2 text-sm text-muted"
        >
          <label
            >from
            <input
              v-model.number="c.from"
              type="number"
              min="1"
              class="field"
              :aria-label="`Check ${i + 1}, from point`"
          /></label>
          <label
            >to
            <input
              v-model.number="c.to"
              type="number"
              min="1"
              class="field"
              :aria-label="`Check ${i + 1}, to point`"
          /></label>
          <label>taped <input v-model="c.mm" class="field" :aria-label="`Check ${i + 1}, taped`" /></label>
          <button
            type="button"
            class="act !px-2"
            :aria-label="`Take check ${i + 1} out`"
            @click="form.checks.splice(i, 1)"
          >
            <Trash2 :size="16" />
          </button>
        </div>
        <button
          type="button"
          class="act justify-self-start"
          @click="form.checks.push({ from: 1, to: 3, mm: '' })"
        >
          <Plus :size="16" /> A check across
        </button>
      </template>
    </template>
    <p
      v-if="
        problem &&
        !form.points.some((_, i) => complaint(i)) &&
        !problem.field?.startsWith('sides.') &&
        !problem.field?.startsWith('measures.') &&
        problem.field !== 'proof.taped' &&
        problem.field !== 'pins.apart'
      "
      class="text-madder"
      role="alert"
    >
      {{ problem.detail }}
    </p>
    <section v-if="drawn" role="status">
      <p>
        <b>{{ drawn.area }}</b>, every point true to about {{ drawn.tolerance }}.
      </p>
      <p v-for="f in drawn.findings" :key="f" class="text-stale">{{ f }}</p>
      <dl class="mt-1 grid grid-cols-[1fr_auto] gap-x-3 text-[15px]">
        <template v-for="u in drawn.usable" :key="u.what">
          <dt class="text-muted first-letter:uppercase">{{ u.what }}</dt>
          <dd class="text-right font-semibold">{{ u.value }}</dd>
        </template>
      </dl>
    </section>
    <div class="flex gap-2">
      <button class="act act-main" :disabled="busy || !drawn || !!problem || (!panel && !form.name.trim())">
        Take this outline
      </button>
      <button v-if="panel?.taped" type="button" class="act" :disabled="busy" @click="untape">
        As proposed
      </button>
    </div>
  </form>
</template>
