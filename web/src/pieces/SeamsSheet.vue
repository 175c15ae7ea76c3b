<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import ComplaintNote from '../ui/ComplaintNote.vue'

/** Every seam walked along its stitch lines, notch to notch; the picked one is drawn strongly on the table. Seams of one's own are told here. */
const { walks, proposed, tapped, pieces } = defineProps<{
  walks: Schemas['WalkView'][]
  proposed: Schemas['ProposedSeamView'][]
  pieces: Schemas['PieceView'][]
  crossings: Schemas['CrossingView'][]
  picked?: string
  /** edges that were tapped on the table since the last seam, two at most */
  tapped: { piece: string; edge: string }[]
}>()
const emit = defineEmits<{ pick: [name: string]; sewn: [] }>()
const { change, busy } = useHand()
type Copies = Schemas['ChangeRequest']['copies'] & string
const meetings: { id: Copies; words: string }[] = [
  { id: 'EACH_SIDE', words: 'alike on both sides of the body' },
  { id: 'ITSELF', words: 'each copy closed on itself, as a sleeve' },
  { id: 'RING', words: 'each copy to the next, all round' },
  { id: 'ROW', words: 'each copy to the next, in a row' },
  { id: 'TOGETHER', words: 'all copies of both in one line' },
  { id: 'BEHIND', words: 'the second lies behind: facing, lining' },
  { id: 'ALIKE', words: 'only as long; each is sewn to something else' },
]
/** Of the places where seams cross; the others are told with their seam. */
const MOST_PLACES = 5
const copies = ref<Copies>('EACH_SIDE')
const spoken = (text: string) => text.replaceAll('-', ' ')
const nameOf = (id: string) => pieces.find((p) => p.id === id)?.name ?? spoken(id)
const lengthOf = (t: { piece: string; edge: string }) =>
  pieces.find((p) => p.id === t.piece)?.allowances.find((a) => a.edge === t.edge)?.length ?? ''
const both = computed(() => {
  const [one, other] = tapped
  return one && other ? { one, other } : undefined
})
/** What goes without saying of two edges; it can be said otherwise. */
watch(both, (now) => {
  if (!now) return
  const piece = pieces.find((p) => p.id === now.one.piece)
  const isOne = now.one.piece === now.other.piece && now.one.edge !== now.other.edge
  copies.value = !isOne ? 'EACH_SIDE' : piece && piece.quantity > 1 && !piece.pair ? 'RING' : 'ITSELF'
})
async function sew(body: Partial<Schemas['ChangeRequest']>) {
  const done = await change((params) =>
    api.POST('/api/projects/{id}/pattern/changes', {
      params,
      body: {
        kind: 'SEAM',
        bothSides: false,
        pair: false,
        wrongSideOut: false,
        uneven: false,
        along: false,
        ...body,
      },
    }),
  )
  if (done) emit('sewn')
}
const sewProposed = (p: Schemas['ProposedSeamView']) =>
  sew({
    name: p.name,
    piece: p.one.piece,
    edge: p.one.edge,
    other: p.other.piece,
    otherEdge: p.other.edge,
    copies: p.copies,
  })
const sewTapped = () =>
  both.value &&
  sew({
    name: `${spoken(both.value.one.edge)}, ${nameOf(both.value.one.piece)} to ${nameOf(both.value.other.piece)}`.slice(
      0,
      80,
    ),
    piece: both.value.one.piece,
    edge: both.value.one.edge,
    other: both.value.other.piece,
    otherEdge: both.value.other.edge,
    copies: copies.value,
  })
</script>

<template>
  <div class="grid gap-3">
    <section v-if="proposed.length">
      <h3 class="text-lg">Probably sewn together</h3>
      <p class="text-sm text-muted">
        As long as each other, and called alike. Nothing is sewn until you say so.
      </p>
      <ul>
        <li v-for="p in proposed" :key="p.name" class="flex items-center gap-2 border-t border-line py-1">
          <span class="grow"
            ><span class="first-letter:uppercase">{{ p.name }}</span
            ><span class="block text-sm text-muted"
              >{{ p.length }}, {{ meetings.find((m) => m.id === p.copies)?.words }}</span
            ></span
          >
          <button class="act" :disabled="busy" :aria-label="`Sew ${p.name}`" @click="sewProposed(p)">
            Sew
          </button>
        </li>
      </ul>
    </section>
    <section
      v-if="pieces.length"
      class="grid gap-2"
      :class="tapped.length || !walks.length ? '' : 'order-last'"
    >
      <h3 class="text-lg">Sew two edges</h3>
      <p v-if="!tapped.length" class="text-muted">
        Tap an edge on the table, then the one it is sewn to; the same one twice for two copies of a piece.
      </p>
      <ol v-else class="text-[15px]">
        <li v-for="(t, i) in tapped" :key="i" :class="i ? 'text-good' : 'text-madder'">
          {{ spoken(t.edge) }} of the {{ nameOf(t.piece) }}, {{ lengthOf(t) }}
        </li>
      </ol>
      <template v-if="both">
        <ChoiceField v-model="copies" label="How copies meet" :choices="meetings" />
        <ComplaintNote :of="['change.name', 'change.seam', 'change.piece', 'change.edge']" />
        <div class="flex gap-2">
          <button class="act act-main" :disabled="busy" @click="sewTapped">Sew them</button>
          <button class="act" @click="emit('sewn')">Pick others</button>
        </div>
      </template>
    </section>
    <h3 class="text-lg">Edges that will be sewn together</h3>
    <p v-if="!walks.length" class="text-muted">
      Nobody has said yet which edges meet: then no garment follows from the pieces.
    </p>
    <ul>
      <li
        v-for="w in walks"
        :key="w.name"
        class="border-t border-line"
        :class="picked === w.name ? 'bg-table' : ''"
      >
        <button class="w-full py-1 text-left" :aria-pressed="picked === w.name" @click="emit('pick', w.name)">
          <span class="flex gap-2">
            <span class="grow first-letter:uppercase">{{ w.name }}</span>
            <b :class="w.agrees ? 'text-good' : 'text-madder'">{{ w.agrees ? 'agree' : 'differ' }}</b>
          </span>
          <span class="block text-sm text-muted">{{ w.one }} against {{ w.other }}</span>
          <span
            v-if="w.sentence !== 'agree'"
            class="block text-sm"
            :class="w.agrees ? 'text-muted' : 'text-madder'"
            >{{ w.sentence }}</span
          >
        </button>
        <p
          v-for="c in picked === w.name ? crossings.filter((x) => x.seam === w.name) : []"
          :key="c.sentence"
          class="text-sm text-muted"
        >
          {{ c.sentence }}
        </p>
        <table v-if="picked === w.name && w.stretches.length" class="mb-2 w-full text-sm">
          <caption class="text-left text-muted">
            From mark to mark
          </caption>
          <tbody>
            <tr v-for="(s, i) in w.stretches" :key="i" class="border-t border-line">
              <td>{{ s.from }} → {{ s.to }}</td>
              <td class="text-right">{{ s.one }}</td>
              <td class="text-right">{{ s.other }}</td>
              <td class="text-right">{{ s.difference }}</td>
            </tr>
          </tbody>
        </table>
      </li>
    </ul>
    <section v-if="crossings.length">
      <h3 class="text-lg">Thickest places</h3>
      <ul class="text-[15px]">
        <li
          v-for="c in crossings.slice(0, MOST_PLACES)"
          :key="c.seam + c.sentence"
          class="border-t border-line py-1"
        >
          <span class="block first-letter:uppercase">{{ c.seam }}</span>
          <span class="block text-sm text-muted">{{ c.sentence }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>
