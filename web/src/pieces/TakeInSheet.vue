<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { Plus, Trash2 } from '@lucide/vue'
import { computed, reactive, ref } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TickField from '../ui/TickField.vue'

/** What was pinned on the body or turned up, and what it does to seam, partner, girth, rib and lining. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
type Kind = Schemas['ReadingView']['kind']
const kinds = [
  { id: 'SEAM', words: 'a pinch along a seam' },
  { id: 'TUCK', words: 'a tuck pinched round a sleeve or leg' },
  { id: 'TURN_UP', words: 'an end turned up' },
  { id: 'DART', words: 'a dart pinched into the upper edge' },
] as const
const form = reactive({ kind: 'SEAM' as Kind, where: '', partnerToo: true })
const pinches = ref([{ at: '', depth: '' }])
const readings = computed(() => project.takeIn?.readings ?? [])
const joins = computed(() => project.takeApart?.joins ?? [])
const places = computed(() => {
  if (form.kind === 'SEAM') return joins.value.filter((j) => !j.turnsUp && j.runs.length === 2)
  if (form.kind === 'TURN_UP') return joins.value.filter((j) => j.turnsUp)
  return (project.source?.parts ?? []).filter((p) => p.main)
})
const choices = computed(() => places.value.map((p) => ({ id: p.id, words: p.name })))
function otherKind() {
  form.where = choices.value[0]?.id ?? ''
  pinches.value = [{ at: '', depth: '' }]
}
otherKind()
/** What lies where the chosen seam begins. */
const from = computed(() => joins.value.find((j) => j.id === form.where)?.ends[0])
const atLabel = computed(
  () =>
    ({
      SEAM: from.value ? `along the seam, from the ${from.value}` : 'along the seam, from its start',
      TUCK: 'above the lower end',
      TURN_UP: '',
      DART: 'beside the middle',
    })[form.kind],
)
async function add() {
  const body = { ...form, pinches: pinches.value.map((p) => ({ ...p })) }
  if (await change((params) => api.POST('/api/projects/{id}/pieces/take-in', { params, body }))) {
    pinches.value = [{ at: '', depth: '' }]
  }
}
const remove = (index: number) =>
  change(({ path, query }) =>
    api.DELETE('/api/projects/{id}/pieces/take-in/{index}', { params: { path: { ...path, index }, query } }),
  )
const openJoins = () => change((params) => api.POST('/api/projects/{id}/pieces/take-in/openings', { params }))
</script>

<template>
  <div class="grid gap-4">
    <form class="grid gap-2" @submit.prevent="add">
      <ChoiceField v-model="form.kind" label="It was" :choices="[...kinds]" @change="otherKind" />
      <ChoiceField v-model="form.where" label="Where" :choices="choices" />
      <fieldset v-for="(p, i) in pinches" :key="i" class="border-t border-line pt-2">
        <legend class="sr-only">Station {{ i + 1 }}</legend>
        <MeasureField
          v-if="atLabel"
          :label="atLabel"
          :value="p.at"
          name="takeIn.at"
          @settle="(t) => (p.at = t)"
        />
        <MeasureField
          :label="form.kind === 'TURN_UP' ? 'turned up by' : 'folded depth, fold to pin'"
          :value="p.depth"
          name="takeIn.pinch"
          @settle="(t) => (p.depth = t)"
        />
      </fieldset>
      <button
        v-if="form.kind === 'SEAM'"
        type="button"
        class="act justify-self-start"
        @click="pinches.push({ at: '', depth: '' })"
      >
        <Plus :size="16" /> Another station of this seam
      </button>
      <TickField v-model="form.partnerToo" label="the same on the other side" />
      <ComplaintNote :of="['takeIn.', 'join.at']" />
      <button class="act act-main justify-self-start" :disabled="busy || !form.where">Work it out</button>
    </form>
    <section v-for="(r, i) in readings" :key="r.kind + r.where" class="border-t border-line pt-2">
      <h3 class="flex items-center gap-2 text-lg">
        <span class="grow first-letter:uppercase">{{ r.name }}</span>
        <button class="act !px-2" :aria-label="`Leave the ${r.name} as it was`" @click="remove(i)">
          <Trash2 :size="16" />
        </button>
      </h3>
      <p class="text-[15px] first-letter:uppercase">
        {{ r.sentence }}<template v-if="r.partner"> The same at the {{ r.partner }}.</template>
      </p>
      <table v-if="r.kind === 'SEAM' || r.kind === 'DART'" class="mt-1 w-full text-[15px]">
        <caption class="sr-only">
          Girth at each station
        </caption>
        <thead class="text-left text-sm text-muted">
          <tr>
            <th scope="col" class="font-normal">at</th>
            <th scope="col" class="text-right font-normal">inside the old line</th>
            <th scope="col" class="text-right font-normal">round, before</th>
            <th scope="col" class="text-right font-normal">after</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in r.levels" :key="l.at">
            <td>{{ l.at }}</td>
            <td class="text-right">{{ l.in }}</td>
            <td class="text-right text-muted">{{ l.before }}</td>
            <td class="text-right font-semibold">{{ l.after }}</td>
          </tr>
        </tbody>
      </table>
      <p v-for="n in r.notes" :key="n" class="mt-1 text-[15px] text-muted">{{ n }}</p>
    </section>
    <button
      v-if="readings.some((r) => r.kind === 'TURN_UP')"
      class="act justify-self-start"
      :disabled="busy"
      @click="openJoins"
    >
      Open these hems at Take apart
    </button>
    <p class="text-sm text-muted">
      Pin with safety pins, inside out, never through a rib. Leave them in when it comes off, and measure the
      pinch on the table. Nothing is trimmed before the try-on.
    </p>
  </div>
</template>
