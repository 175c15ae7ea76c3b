<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import type { Schemas } from '../api/client'
import MeasureField from '../ui/MeasureField.vue'
import { workedOut } from '../drawing/workedOut'

/** One flaw of a panel: what it is, how to treat it, where it lies. */
export type FlawBody = Schemas['FlawView']
const { flaw, index } = defineProps<{ flaw: FlawBody; index: number }>()
const emit = defineEmits<{ settle: [patch: Partial<FlawBody>]; remove: [] }>()
const kinds: { id: FlawBody['kind']; words: string }[] = [
  { id: 'STAIN', words: 'stain' },
  { id: 'HOLE', words: 'hole' },
  { id: 'FADE', words: 'fade' },
  { id: 'WORN', words: 'worn place' },
  { id: 'CREASE', words: 'crease' },
  { id: 'NEEDLE_HOLES', words: 'needle holes' },
  { id: 'POCKET', words: 'kept pocket' },
  { id: 'SEAM', words: 'seam' },
  { id: 'CUT_OUT', words: 'cut out' },
  { id: 'THICK', words: 'thick place' },
  { id: 'ELASTIC', words: 'elastic sewn in' },
  { id: 'OTHER', words: 'something else' },
]
const fieldsOf = {
  OVAL: [
    { id: 'x', label: 'from the middle (− to the left)' },
    { id: 'y', label: 'above the lower edge' },
    { id: 'width', label: 'wide' },
    { id: 'height', label: 'high' },
  ],
  STRIP: [
    { id: 'x', label: 'begins, from the middle (− to the left)' },
    { id: 'y', label: 'above the lower edge' },
    { id: 'toX', label: 'ends, from the middle' },
    { id: 'toY', label: 'above the lower edge' },
    { id: 'width', label: 'wide' },
  ],
  AROUND: [],
} as const
/** What is known of a kind comes with it: how many layers there are, and that elastic is kept clear of. */
const layersOf: Partial<Record<FlawBody['kind'], number>> = { POCKET: 2, SEAM: 3, THICK: 2, ELASTIC: 2 }
function otherKind(kind: FlawBody['kind']) {
  emit('settle', {
    kind,
    layers: layersOf[kind] ?? 1,
    ...(kind === 'ELASTIC' ? { treatment: 'AVOID' as const } : {}),
  })
}
/** Another form, about where the old one lay. */
function reform(extent: FlawBody['extent']) {
  if (extent === 'AROUND') emit('settle', { extent, outline: flaw.outline })
  else if (extent === 'STRIP')
    emit('settle', {
      extent,
      toX: flaw.x,
      toY: workedOut(flaw.outline[0]?.[1] ?? 0),
      width: flaw.width || '20 mm',
      y: bottom(),
    })
  else emit('settle', { extent, width: flaw.width || '40 mm', height: flaw.height || '40 mm' })
}
const bottom = () => workedOut(Math.min(...flaw.outline.map((p) => p[1] ?? 0)) - 20)
const value = (e: Event) => (e.target as HTMLInputElement).value
</script>

<template>
  <section class="border-l-2 border-line pl-3">
    <div class="flex items-end gap-2">
      <input
        class="field"
        :value="flaw.what"
        :aria-label="`Flaw ${index + 1}, what it is`"
        @change="(e) => emit('settle', { what: value(e) })"
      />
      <select
        class="field !w-36"
        :value="flaw.treatment"
        :aria-label="`Flaw ${index + 1}, how to treat it`"
        @change="(e) => emit('settle', { treatment: value(e) as FlawBody['treatment'] })"
      >
        <option value="AVOID">keep clear</option>
        <option value="HIDE">hide it</option>
        <option value="NOTE">remember</option>
      </select>
      <button
        class="act !px-2"
        :aria-label="`Take flaw ${index + 1} out`"
        title="Take out"
        @click="emit('remove')"
      >
        <Trash2 :size="18" />
      </button>
    </div>
    <div class="grid grid-cols-2 gap-2">
      <select
        class="field"
        :value="flaw.kind"
        :aria-label="`Flaw ${index + 1}, kind`"
        @change="(e) => otherKind(value(e) as FlawBody['kind'])"
      >
        <option v-for="k in kinds" :key="k.id" :value="k.id">{{ k.words }}</option>
      </select>
      <select
        class="field"
        :value="flaw.extent"
        :aria-label="`Flaw ${index + 1}, form`"
        @change="(e) => reform(value(e) as FlawBody['extent'])"
      >
        <option value="OVAL">round or oval</option>
        <option value="STRIP">a strip</option>
        <option value="AROUND">walked round</option>
      </select>
    </div>
    <MeasureField
      v-for="field in fieldsOf[flaw.extent]"
      :key="field.id"
      :label="field.label"
      :value="flaw[field.id]"
      :name="`flaws[${index}].${field.id}`"
      @settle="(t) => emit('settle', { [field.id]: t })"
    />
    <label class="mt-1 flex items-center justify-between gap-2"
      >layers of cloth there
      <input
        class="field !w-20 text-right"
        type="number"
        min="1"
        max="12"
        :value="flaw.layers"
        :name="`flaws[${index}].layers`"
        @change="(e) => emit('settle', { layers: Math.round(Number(value(e))) || 1 })"
    /></label>
    <p v-if="flaw.extent === 'AROUND'" class="text-sm text-muted">
      {{ flaw.outline.length }} points round it; to walk it anew, take it out and mark it on the drawing.
    </p>
  </section>
</template>
