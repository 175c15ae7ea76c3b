<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { Plus, Trash2 } from '@lucide/vue'
import { reactive, ref } from 'vue'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'

/** A piece by its corners, once round, measured across and up from wherever one likes. */
const { piece } = defineProps<{ piece?: Schemas['PieceView'] }>()
const emit = defineEmits<{ saved: [id: string | undefined] }>()
const { change, problem, busy } = useHand()

interface Corner {
  x: string
  y: string
  name: string
  allowance: string
  wish: string
  lap: string
  bow: string
  mark: string
}
const corner = (x: string, y: string, name = ''): Corner => ({
  x,
  y,
  name,
  allowance: '',
  wish: '',
  lap: '',
  bow: '',
  mark: '',
})
const form = reactive({
  name: piece?.name ?? '',
  quantity: piece?.quantity ?? 1,
  pair: piece?.pair ?? false,
  acrossToo: piece ? piece.grain.includes('crosswise') : false,
  lining: piece?.cloth === 'LINING',
})
const corners = ref<Corner[]>(
  piece
    ? piece.corners.map((c) => {
        const wish = piece.wishes.find((w) => w.edge === c.edge)
        return {
          ...c,
          name: c.edge,
          allowance: piece.allowances.find((a) => a.edge === c.edge)?.width ?? '',
          wish: wish?.role ?? '',
          lap: wish?.lap ?? '',
        }
      })
    : [
        corner('0', '0', 'hem'),
        corner('30 cm', '0', 'right'),
        corner('30 cm', '40 cm', 'top'),
        corner('0', '40 cm', 'left'),
      ],
)
const roles = [
  { id: '', words: 'finished anew' },
  { id: 'HEM', words: 'an old hem' },
  { id: 'FRONT_EDGE', words: 'a finished edge' },
  { id: 'CLOSURE', words: 'a placket' },
  { id: 'CUFF', words: 'a rib or cuff' },
  { id: 'WAISTBAND', words: 'a waistband' },
  { id: 'NECKBAND', words: 'a neck rib' },
]
async function save() {
  const body = {
    ...form,
    corners: corners.value.map((c) => ({ ...c, wish: c.wish || null })),
  } as unknown as Schemas['PieceRequest']
  const name = form.name
  if (await change((params) => api.POST('/api/projects/{id}/pieces/by-hand', { params, body })))
    emit('saved', name.toLowerCase().replace(/[^a-z0-9]+/g, '-'))
}
async function remove() {
  if (!piece) return
  const id = piece.id
  if (
    await change(({ path, query }) =>
      api.DELETE('/api/projects/{id}/pieces/by-hand/{piece}', {
        params: { path: { ...path, piece: id }, query },
      }),
    )
  )
    emit('saved', undefined)
}
function add(i: number) {
  const here = corners.value[i]
  if (here) corners.value.splice(i + 1, 0, { ...corner(here.x, here.y), allowance: here.allowance })
}
const complaint = (i: number) => {
  const at = problem.value?.field
  return at?.startsWith(`piece.corners[${i}]`) ? problem.value?.detail : undefined
}
</script>

<template>
  <form class="grid gap-3" @submit.prevent="save">
    <div class="flex items-center gap-2">
      <h3 class="grow text-xl">{{ piece ? piece.name : 'A new piece' }}</h3>
      <button v-if="piece" type="button" class="act" @click="emit('saved', undefined)">New piece</button>
    </div>
    <PlainField v-model="form.name" label="Call it" name="piece.name" />
    <label class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
      >how many to cut
      <input v-model.number="form.quantity" type="number" min="1" max="60" class="field text-right" />
    </label>
    <TickField v-model="form.pair" label="half of them mirrored" />
    <TickField v-model="form.acrossToo" label="may lie across the grain too" />
    <TickField v-model="form.lining" label="cut from the lining" />
    <p class="text-sm text-muted">
      Corners of the stitch line, once round; each begins an edge. Bow: how far the edge swings out (− in)
      between its corners.
    </p>
    <fieldset
      v-for="(c, i) in corners"
      :key="i"
      class="grid grid-cols-3 gap-x-2 border-t border-line pt-2 text-sm text-muted"
    >
      <legend class="sr-only">Corner {{ i + 1 }}</legend>
      <label>across <input v-model="c.x" class="field" :aria-label="`Corner ${i + 1}, across`" /></label>
      <label>up <input v-model="c.y" class="field" :aria-label="`Corner ${i + 1}, up`" /></label>
      <div class="flex items-end justify-end gap-1">
        <button type="button" class="act !px-2" :aria-label="`Corner after ${i + 1}`" @click="add(i)">
          <Plus :size="16" />
        </button>
        <button
          type="button"
          class="act !px-2"
          :aria-label="`Take corner ${i + 1} out`"
          :disabled="corners.length <= 3"
          @click="corners.splice(i, 1)"
        >
          <Trash2 :size="16" />
        </button>
      </div>
      <label>edge <input v-model="c.name" class="field" :aria-label="`Edge ${i + 1}, its name`" /></label>
      <label>allowance <input v-model="c.allowance" class="field" placeholder="1 cm" /></label>
      <label>bow <input v-model="c.bow" class="field" placeholder="none" /></label>
      <label class="col-span-3"
        >mark at its middle, to meet its like
        <input v-model="c.mark" class="field" placeholder="none" :aria-label="`Edge ${i + 1}, mark`"
      /></label>
      <label class="col-span-2"
        >this edge lies on
        <select v-model="c.wish" class="field">
          <option v-for="r in roles" :key="r.id" :value="r.id">{{ r.words }}</option>
        </select></label
      >
      <label v-if="c.wish === 'CLOSURE'"
        >lap <input v-model="c.lap" class="field" placeholder="none"
      /></label>
      <p v-if="complaint(i)" class="col-span-3 text-madder" role="alert">{{ complaint(i) }}</p>
    </fieldset>
    <ComplaintNote :of="['piece', 'quantity', 'allowance', 'measures', 'lap']" />
    <div class="flex gap-2">
      <button class="act act-main" :disabled="busy || !form.name.trim()">
        {{ piece ? 'Save the piece' : 'Put it on the table' }}
      </button>
      <button v-if="piece" type="button" class="act" :disabled="busy" @click="remove">Take it out</button>
    </div>
  </form>
</template>
