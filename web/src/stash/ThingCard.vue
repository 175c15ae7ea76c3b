<script setup lang="ts">
import ThingDrawing from './ThingDrawing.vue'
import type { Thing } from './useStash'

/** A thing of the stash among others. */
defineProps<{ thing: Thing; across: number; picked: boolean }>()
const emit = defineEmits<{ pick: [] }>()
</script>

<template>
  <button
    class="slip grid w-full grid-rows-[auto_1fr] p-3 text-left hover:bg-table"
    :class="{ 'outline-2 outline-madder': picked }"
    :aria-pressed="picked"
    @click="emit('pick')"
  >
    <span class="relative block">
      <ThingDrawing :thing="thing" :across="across" />
      <img
        v-if="thing.photo && !thing.served"
        :src="`/api/stash/${thing.id}/photos/${thing.photo}`"
        :alt="`Photograph of ${thing.name}`"
        class="absolute right-0 bottom-0 size-[45%] rounded border border-line object-cover"
        loading="lazy"
      />
    </span>
    <span class="mt-2 block">
      <span class="flex items-baseline gap-2">
        <b class="min-w-0 grow leading-snug break-words">{{ thing.name }}</b>
        <span class="text-sm text-muted tabular-nums">{{ thing.code }}</span>
      </span>
      <span v-if="thing.served?.slack" class="block text-sm text-good">{{ thing.served.slack }}</span>
      <span class="block text-sm text-muted">{{
        [thing.kindWords, ...thing.facts.slice(0, 2)].join(' · ')
      }}</span>
      <span v-if="thing.tag.place" class="block text-sm">{{ thing.tag.place }}</span>
      <span v-if="thing.stock" class="block text-sm tabular-nums">
        {{ thing.free === thing.stock ? thing.stock : `${thing.free} of ${thing.stock} free` }}
      </span>
      <span v-for="h in thing.holds" :key="h.name" class="block text-sm text-stale">
        {{ h.words }} for {{ h.name }}<template v-if="h.amount">: {{ h.amount }}</template>
      </span>
    </span>
  </button>
</template>
