<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { TapePoint, Way } from './useTape'

/** One point of a taped outline, and the edge that begins there. */
const p = defineModel<TapePoint>({ required: true })
const { way } = defineProps<{ way: Way; index: number; moved?: string; complaint?: string; canGo: boolean }>()
/** Edges that the way itself gives, with their names or without. */
const isNamed = computed(() => way === 'SIDES' || way === 'SHAPE')
const isEdge = computed(() => isNamed.value || way === 'FILE')
const emit = defineEmits<{ next: [e: KeyboardEvent]; insert: []; remove: [] }>()
const finishes = [
  { id: 'RAW', words: 'raw' },
  { id: 'HEM', words: 'hem' },
  { id: 'SELVEDGE', words: 'selvedge' },
  { id: 'FOLD', words: 'fold' },
  { id: 'PLACKET', words: 'placket' },
  { id: 'BINDING', words: 'binding' },
  { id: 'RIB', words: 'rib' },
  { id: 'FRINGE', words: 'fringe' },
  { id: 'WAISTBAND', words: 'waistband' },
  { id: 'CUFF', words: 'cuff' },
] as const
</script>

<template>
  <fieldset
    class="grid gap-x-2 border-t border-line pt-1 text-sm text-muted"
    :class="way === 'PINS' ? 'grid-cols-3' : 'grid-cols-2'"
  >
    <legend class="sr-only">Point {{ index + 1 }}</legend>
    <template v-if="way === 'BASELINE'">
      <label
        >{{ index + 1 }}: along
        <input
          v-model="p.along"
          data-figure
          class="field"
          :aria-label="`Point ${index + 1}, along`"
          @keydown.enter="(e: KeyboardEvent) => emit('next', e)"
      /></label>
      <label
        >to the right
        <input
          v-model="p.right"
          data-figure
          class="field"
          :aria-label="`Point ${index + 1}, to the right`"
          @keydown.enter="(e: KeyboardEvent) => emit('next', e)"
      /></label>
    </template>
    <template v-else-if="way === 'PINS'">
      <label
        >{{ index + 1 }}: 1st pin
        <input
          v-model="p.fromFirst"
          data-figure
          class="field"
          :aria-label="`Point ${index + 1}, from the first pin`"
          @keydown.enter="(e: KeyboardEvent) => emit('next', e)"
      /></label>
      <label
        >2nd pin
        <input
          v-model="p.fromSecond"
          data-figure
          class="field"
          :aria-label="`Point ${index + 1}, from the second pin`"
          @keydown.enter="(e: KeyboardEvent) => emit('next', e)"
      /></label>
      <label
        >to the next
        <input
          v-model="p.toNext"
          data-figure
          class="field"
          :aria-label="`Point ${index + 1}, to the next`"
          @keydown.enter="(e: KeyboardEvent) => emit('next', e)"
      /></label>
    </template>
    <component :is="isEdge ? 'div' : 'details'" class="col-span-full" :open="!!p.edge || undefined">
      <summary v-if="!isEdge" class="min-h-7 cursor-pointer">
        <template v-if="way === 'PHOTO'">{{ index + 1 }}: </template>{{ p.edge || 'edge from here'
        }}{{ p.curve ? ', a curve' : '' }}{{ moved ? `; moved by ${moved}` : '' }}
      </summary>
      <div class="grid grid-cols-2 gap-x-2">
        <label v-if="!isNamed"
          >{{ way === 'FILE' ? 'edge' : 'edge from here' }}
          <input v-model="p.edge" class="field" :aria-label="`Point ${index + 1}, edge from here`"
        /></label>
        <label
          ><template v-if="isNamed">{{ p.edge.replaceAll('-', ' ') }} is</template
          ><template v-else>it is</template>
          <select v-model="p.finish" class="field" :aria-label="`${p.edge || 'Edge'} ${index + 1}, finish`">
            <option v-for="f in finishes" :key="f.id" :value="f.id">{{ f.words }}</option>
          </select></label
        >
        <label v-if="p.finish !== 'RAW'"
          >deep <input v-model="p.depth" class="field" :aria-label="`Edge ${index + 1}, depth`"
        /></label>
        <label v-if="way === 'PINS'"
          >seen from the first pin
          <select v-model="p.side" class="field" :aria-label="`Point ${index + 1}, side`">
            <option value="RIGHT">right of the line</option>
            <option value="LEFT">left of the line</option>
          </select></label
        >
        <label v-if="!isEdge" class="flex min-h-9 items-center gap-2"
          ><input v-model="p.curve" type="checkbox" class="size-5 accent-madder" /> on a curve</label
        >
        <div v-if="!isEdge" class="flex items-end justify-end gap-1">
          <button
            type="button"
            class="act !px-2"
            :aria-label="`Point after ${index + 1}`"
            @click="emit('insert')"
          >
            <Plus :size="16" />
          </button>
          <button
            type="button"
            class="act !px-2"
            :aria-label="`Take point ${index + 1} out`"
            :disabled="!canGo"
            @click="emit('remove')"
          >
            <Trash2 :size="16" />
          </button>
        </div>
      </div>
    </component>
    <p v-if="complaint" class="col-span-full text-madder" role="alert">{{ complaint }}</p>
  </fieldset>
</template>
