<script setup lang="ts">
import { FlipHorizontal2, Pin, PinOff, RotateCw, Undo2 } from '@lucide/vue'
import type { Schemas } from '../api/client'

/** The piece that was picked, and what can be done with it. */
defineProps<{ placed: Schemas['PlacedView']; still: boolean }>()
const emit = defineEmits<{
  turn: [deg: number]
  turnOver: []
  takeOff: []
  pin: [pinned: boolean]
  variant: [id: string]
}>()
</script>

<template>
  <section class="border-y border-line py-3" aria-live="polite">
    <h3 class="text-xl first-letter:uppercase">{{ placed.name }} {{ placed.copy + 1 }}</h3>
    <p class="text-muted">
      {{ placed.variant }}{{ placed.mirrored ? ', mirrored' : ', as drawn' }}, on the
      {{ placed.panel.replace('-', ' ') }} panel{{ placed.pinned ? ', pinned' : '' }}
    </p>
    <div class="mt-2 flex flex-wrap gap-2">
      <button
        class="act"
        title="P"
        :disabled="still"
        :aria-pressed="placed.pinned"
        @click="emit('pin', !placed.pinned)"
      >
        <component :is="placed.pinned ? PinOff : Pin" :size="18" /> {{ placed.pinned ? 'Unpin' : 'Pin here' }}
      </button>
      <button class="act" title="R" :disabled="still" @click="emit('turn', 180)">
        <RotateCw :size="18" /> Turn round
      </button>
      <button class="act" :disabled="still" @click="emit('turn', 90)"><RotateCw :size="18" /> Quarter</button>
      <button class="act" title="M" :disabled="still" @click="emit('turnOver')">
        <FlipHorizontal2 :size="18" /> Turn over
      </button>
      <button class="act" :disabled="still" @click="emit('takeOff')"><Undo2 :size="18" /> Take off</button>
      <button
        v-for="v in placed.variants.filter((v) => v !== placed.variant)"
        :key="v"
        class="act"
        :disabled="still"
        @click="emit('variant', v)"
      >
        {{ v }}
      </button>
    </div>
    <p class="mt-2 text-sm text-muted">
      {{
        placed.pinned
          ? 'It stays here when the rest is laid again.'
          : 'Arrow keys move by 1 mm, with Shift by 10 mm. Pin it, and the rest is laid round it.'
      }}
    </p>
  </section>
</template>
