<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { Plus, Trash2 } from '@lucide/vue'
import { reactive, ref, watch } from 'vue'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import MeasureField from '../ui/MeasureField.vue'
import TickField from '../ui/TickField.vue'

/** Side inserts where nothing more is hidden: their taper from level to level, gusset, lining and piping. */
const { letOut } = defineProps<{ letOut: Schemas['LetOutView'] }>()
const { change, busy } = useHand()
const form = reactive({ seams: 2, seam: '', allowance: '6 mm', sleeveSeam: '', lined: false, piped: false })
const levels = ref([
  { down: '0', gain: '' },
  { down: '', gain: '' },
])
watch(
  () => letOut.inserts,
  (now) => {
    if (!now) return
    const { seams, seam, allowance, sleeveSeam, lined, piped } = now
    Object.assign(form, { seams, seam, allowance, sleeveSeam, lined, piped })
    levels.value = now.levels.map(({ down, gain }) => ({ down, gain }))
  },
  { immediate: true },
)
/** The seam ends where the last level lies. */
function seam(text: string) {
  form.seam = text
  const last = levels.value.at(-1)
  if (last && !last.down) last.down = text
}
const save = () =>
  change((params) =>
    api.PUT('/api/projects/{id}/pieces/inserts', { params, body: { ...form, levels: levels.value } }),
  )
const remove = () => change((params) => api.DELETE('/api/projects/{id}/pieces/inserts', { params }))
</script>

<template>
  <details class="border-t border-line pt-2" :open="!!letOut.inserts">
    <summary class="min-h-8 cursor-pointer text-lg">Inserts</summary>
    <form class="grid gap-2" @submit.prevent="save">
      <p class="text-sm text-muted">
        What is missing is let into opened seams: all of it over the seams, half to each side of an insert’s
        centre line.
      </p>
      <label class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
        >into how many seams
        <input v-model.number="form.seams" type="number" min="1" max="12" class="field text-right" />
      </label>
      <MeasureField label="length of one opened seam" :value="form.seam" name="insert.seam" @settle="seam" />
      <fieldset
        v-for="(l, i) in levels"
        :key="i"
        class="grid grid-cols-[1fr_1fr_2.5rem] items-end gap-x-2 border-t border-line pt-1 text-sm text-muted"
      >
        <legend class="sr-only">Level {{ i + 1 }}</legend>
        <label
          >down the seam <input v-model="l.down" class="field" :aria-label="`Level ${i + 1}, down the seam`"
        /></label>
        <label
          >wider all round
          <input v-model="l.gain" class="field" :aria-label="`Level ${i + 1}, wider all round`"
        /></label>
        <button
          type="button"
          class="act !px-2"
          :aria-label="`Take level ${i + 1} out`"
          :disabled="levels.length <= 2"
          @click="levels.splice(i, 1)"
        >
          <Trash2 :size="16" />
        </button>
      </fieldset>
      <button
        type="button"
        class="act justify-self-start"
        @click="levels.splice(levels.length - 1, 0, { down: '', gain: '' })"
      >
        <Plus :size="16" /> A level between
      </button>
      <MeasureField
        label="allowance, as sewn"
        :value="form.allowance"
        name="insert.allowance"
        hint="twice that is drawn, and trimmed after the try-on"
        @settle="(t) => (form.allowance = t)"
      />
      <MeasureField
        label="sleeve seam opened for a gusset"
        :value="form.sleeveSeam"
        name="insert.sleeve"
        hint="empty where the seam meets no armhole"
        @settle="(t) => (form.sleeveSeam = t)"
      />
      <TickField v-model="form.lined" label="the lining gets them too" />
      <TickField v-model="form.piped" label="piped along their edges" />
      <ComplaintNote :of="['insert.']" />
      <p v-for="n in letOut.inserts?.notes ?? []" :key="n" class="text-[15px]">{{ n }}</p>
      <div class="flex gap-2">
        <button class="act act-main" :disabled="busy || !form.seam">Draft the inserts</button>
        <button v-if="letOut.inserts" type="button" class="act" :disabled="busy" @click="remove">
          Without inserts
        </button>
      </div>
    </form>
  </details>
</template>
