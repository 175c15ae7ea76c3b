<script setup lang="ts">
import { useAttempt } from '../api/useAttempt'
import { provideProblem } from '../ui/problem'
import { computed, ref, watch } from 'vue'
import { api, take, type Schemas } from '../api/client'
import PlainField from '../ui/PlainField.vue'

/** The same number changes a garment differently: pictures to say what kind it is, and what it would mean. */
const { unit, measures } = defineProps<{
  unit: Schemas['ProjectView']['unit']
  /** measures of the source that a number may be taken for */
  measures: Schemas['NamedLength'][]
}>()
const emit = defineEmits<{ take: [measure: string, text: string] }>()
const text = ref('1 in')
const kinds = ref<Schemas['QuantityView'][]>([])
const picked = ref<Schemas['QuantityView']>()
const target = ref('')
const lengths = computed(() => measures.filter((m) => m.quantity !== 'COUNT'))
const isSize = computed(() => picked.value?.effect === 'GIRTH')
const taken = ref('')
function accept() {
  const measure = lengths.value.find((m) => m.id === target.value)
  if (!picked.value || !measure) return
  emit('take', measure.id, picked.value.meaning)
  taken.value = `Taken as ${measure.words}.`
}
const { problem, attempt } = useAttempt()
provideProblem(problem)

async function ask() {
  picked.value = undefined
  taken.value = ''
  const meant = await attempt(() => take(api.POST('/api/quantities', { body: { text: text.value, unit } })))
  if (meant) kinds.value = meant
}
watch(() => unit, ask, { immediate: true })

/** Strokes of each picture, in a 64 × 40 box; the thick one is what the number measures. */
const pictures: Record<Schemas['QuantityView']['kind'], { thin: string; thick: string }> = {
  PINCHED_TUCK: { thin: 'M4 30h22q6 0 6-18 0 18 6 18h22', thick: 'M32 12v18' },
  TURN_UP: { thin: 'M16 4v30M48 4v30M16 34h32M16 24h32', thick: 'M52 24v10' },
  DART_DEPTH: { thin: 'M6 8h20l6 26 6-26h20', thick: 'M26 8h6' },
  SEAM_PINCH: { thin: 'M10 4v32M40 4v32M54 4v32', thick: 'M40 20h14' },
  NEW_STITCH_LINE: { thin: 'M8 4v32M46 4v32M54 4v32', thick: 'M46 20h8' },
  NEW_STITCH_LINES: { thin: 'M8 4v32M16 4v32M48 4v32M56 4v32', thick: 'M8 20h8M48 20h8' },
  FLAT_HALF: { thin: 'M10 6h44v28H10zM10 10h44', thick: 'M10 22h44' },
  QUARTER: { thin: 'M10 6h44v28H10zM32 6v28', thick: 'M32 22h22' },
  WHOLE: { thin: 'M32 8a22 8 0 1 0 .1 0M10 16v14a22 8 0 0 0 44 0V16', thick: 'M10 22a22 8 0 0 0 44 0' },
  INSERT_WIDTH: { thin: 'M6 6h18l-8 28H6M58 6H40l8 28h10M24 6h16l8 28H16z', thick: 'M20 20h24' },
  PANEL_WIDTH: { thin: 'M14 6h36v28H14z', thick: 'M14 20h36' },
}
</script>

<template>
  <section class="grid gap-2">
    <p class="text-sm text-muted">
      Before a number is used: what kind is it? Write it, then read what each kind would mean.
    </p>
    <PlainField v-model="text" label="The number" name="quantity.text" @change="ask" />
    <ul class="grid gap-1">
      <li v-for="k in kinds" :key="k.kind">
        <button
          class="flex w-full items-center gap-3 rounded-[3px] border p-2 text-left"
          :class="picked?.kind === k.kind ? 'border-madder bg-table' : 'border-line'"
          :aria-pressed="picked?.kind === k.kind"
          @click="((picked = k), (taken = ''))"
        >
          <svg viewBox="0 0 64 40" class="h-10 w-16 shrink-0" aria-hidden="true">
            <path :d="pictures[k.kind].thin" fill="none" class="stroke-muted" stroke-width="1.5" />
            <path :d="pictures[k.kind].thick" fill="none" class="stroke-madder" stroke-width="4" />
          </svg>
          <span>
            <span class="block text-[15px]">{{ k.sentence }}</span>
          </span>
        </button>
        <div v-if="picked?.kind === k.kind" class="rounded-[3px] bg-table px-3 pb-3" role="status">
          <p v-if="!isSize" class="pt-2 text-sm text-muted">
            That is a change, not a size: note it where the work is planned.
          </p>
          <template v-else>
            <label class="mt-2 block text-sm text-muted"
              >Yes: take it for
              <select v-model="target" class="field">
                <option v-for="m in lengths" :key="m.id" :value="m.id">{{ m.words }}</option>
              </select>
            </label>
            <button class="act act-main mt-2" :disabled="!target" @click="accept">Take it</button>
          </template>
          <p v-if="taken" class="mt-2 text-good">{{ taken }}</p>
        </div>
      </li>
    </ul>
  </section>
</template>
