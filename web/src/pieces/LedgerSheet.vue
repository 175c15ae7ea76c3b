<script setup lang="ts">
import { reactive, ref, watch } from 'vue'
import type { Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import ChangeDoor from './ChangeDoor.vue'
import type { Change } from './changes'

/** The picked piece: how it is cut, its marks with their deadlines, and the ledger of its edges. */
const { piece, edge } = defineProps<{ piece: Schemas['PieceView']; edge?: string }>()
const emit = defineEmits<{ edge: [name: string] }>()
const { project } = useHand()
const sheet = (file: string) => `/api/projects/${project.value?.id ?? ''}/sheets/${file}?piece=${piece.id}`
const form = reactive({
  drawn: '',
  sew: '',
  trim: '',
  why: '',
  turn: 'FLAT' as Schemas['AllowanceView']['turn'],
  under: '',
})
const turns = [
  { id: 'FLAT', words: 'flat, in a seam' },
  { id: 'HEM', words: 'folded to the wrong side' },
  { id: 'CASING', words: 'folded as a casing' },
]
const wanted = ref<Change>()
watch(
  () => [piece, edge] as const,
  () => {
    const a = piece.allowances.find((x) => x.edge === edge)
    wanted.value = undefined
    if (!a) return
    Object.assign(form, {
      drawn: a.width,
      sew: a.sew || a.width,
      trim: a.trim || a.width,
      why: a.why,
      turn: a.turn,
      under: a.under,
    })
  },
  { immediate: true },
)
/** Who draws more usually sews and keeps more too; what was told apart stays apart. */
function draw(text: string) {
  if (form.sew === form.drawn) form.sew = text
  if (form.trim === form.drawn) form.trim = text
  form.drawn = text
}
const ask = () => (wanted.value = { kind: 'LEDGER', piece: piece.id, edge, ...form })
const words = (name: string) => name.replaceAll('-', ' ')
</script>

<template>
  <section aria-live="polite" class="grid gap-3">
    <div>
      <h3 class="text-xl first-letter:uppercase">{{ piece.name }}</h3>
      <p>
        Cut {{ piece.quantity }}{{ piece.pair ? ', half of them mirrored' : '' }}, {{ piece.grain }}, from
        {{ piece.clothWords }}; {{ piece.size }} <span class="text-muted">across × along the grain</span
        >{{ piece.required ? '' : '; may be left out' }}{{ piece.wrongSideOut ? '; wrong side out' : '' }}.
      </p>
      <p class="flex gap-3 text-sm">
        This piece alone:
        <a class="underline" :href="sheet('pattern.pdf')" download>full size</a>
        <a class="underline" :href="sheet('pieces.svg')" download>SVG</a>
        <a class="underline" :href="sheet('pieces.dxf')" download>DXF</a>
      </p>
      <p v-if="piece.symmetry" class="text-sm text-muted">{{ piece.symmetry }}</p>
    </div>
    <table class="w-full text-[15px]">
      <caption class="text-left text-sm text-muted">
        Click an edge for its ledger: drawn, sewn, trimmed to.
      </caption>
      <tbody>
        <tr
          v-for="a in piece.allowances"
          :key="a.edge"
          class="cursor-pointer border-t border-line align-top"
          :class="a.edge === edge ? 'bg-table' : ''"
          @click="emit('edge', a.edge)"
        >
          <td class="py-1 pl-1">
            <button class="text-left first-letter:uppercase" :aria-pressed="a.edge === edge">
              {{ words(a.edge) }}
            </button>
            <span class="block text-sm text-muted">{{ a.length }} long</span>
          </td>
          <td class="px-2 py-1 text-right whitespace-nowrap">
            <b>{{ a.width }}</b>
            <span v-if="a.sew" class="block text-sm">sewn {{ a.sew }}</span>
            <span v-if="a.trim" class="block text-sm" :class="a.trimmedTooFar ? 'text-madder' : ''"
              >to {{ a.trim }}</span
            >
          </td>
          <td class="py-1 text-sm text-muted">
            {{ a.why }}
            <span v-if="a.slip" class="block text-madder">{{ a.slip }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <section v-if="piece.inner.length">
      <h4 class="text-sm text-muted">Folds, turns, casings and overlaps: edges of their own</h4>
      <ul class="text-[15px]">
        <li
          v-for="(i, n) in piece.inner"
          :key="n"
          class="flex gap-3 border-t border-line py-1 pl-1"
          :class="i.of && i.of === edge ? 'bg-table' : ''"
        >
          <span class="grow">
            <button v-if="i.of" class="text-left first-letter:uppercase" @click="emit('edge', i.of)">
              {{ words(i.of) }}, {{ i.kindWords }}
            </button>
            <span v-else class="first-letter:uppercase">{{ i.kindWords }}, {{ i.words }}</span>
            <span class="block text-sm" :class="i.forced ? 'text-stale' : 'text-muted'">{{ i.told }}</span>
          </span>
          <span class="shrink-0 text-sm">{{ i.length }} long</span>
        </li>
      </ul>
    </section>
    <form v-if="edge" class="grid gap-2 border-l-4 border-madder pl-3" @submit.prevent="ask">
      <h4 class="font-semibold first-letter:uppercase">{{ words(edge) }}</h4>
      <MeasureField label="drawn" :value="form.drawn" name="change.drawn" @settle="draw" />
      <MeasureField
        label="sewn, from the cut edge"
        :value="form.sew"
        name="change.sew"
        @settle="(t) => (form.sew = t)"
      />
      <MeasureField
        label="trimmed to"
        :value="form.trim"
        name="change.trim"
        @settle="(t) => (form.trim = t)"
      />
      <PlainField v-model="form.why" label="Why" name="change.why" />
      <ChoiceField v-model="form.turn" label="How it lies" :choices="turns" />
      <MeasureField
        v-if="form.turn !== 'FLAT'"
        label="raw edge folded under by"
        :value="form.under"
        name="change.under"
        @settle="(t) => (form.under = t)"
      />
      <button class="act">See what follows</button>
      <ChangeDoor v-if="wanted" :change="wanted" @done="wanted = undefined" />
    </form>
    <details v-if="piece.marks.length">
      <summary class="min-h-8 cursor-pointer">
        {{ piece.marks.length }} mark{{ piece.marks.length === 1 ? '' : 's' }} and when to make
        {{ piece.marks.length === 1 ? 'it' : 'them' }}
      </summary>
      <ul class="text-[15px]">
        <li v-for="(m, i) in piece.marks" :key="i" class="border-t border-line py-1">
          {{ m.words }}<template v-if="m.label !== m.words">, {{ m.label }}</template
          ><span class="block text-sm text-muted">{{ m.until }}</span>
        </li>
      </ul>
    </details>
  </section>
</template>
