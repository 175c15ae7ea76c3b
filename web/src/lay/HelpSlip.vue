<script setup lang="ts">
import { Check, Eye } from '@lucide/vue'
import { computed } from 'vue'
import type { Schemas } from '../api/client'

/** What was found out, each find with what it costs: to be looked at on the table, and taken over by one press. */
const { progress, help, finding } = defineProps<{
  progress?: Schemas['FitEvent']
  help?: Schemas['HelpView']
  finding: boolean
  shown?: number
}>()
const emit = defineEmits<{ show: [index: number | undefined]; take: [index: number]; stop: [] }>()
/** What was found for a lay that is no more is not offered: it is another table now. */
const offers = computed(() => (finding ? (progress?.offers ?? []) : help?.holds ? help.offers : []))
const message = computed(() => (finding ? progress?.message : help?.holds ? help.message : '') ?? '')
const holds = computed(() => !finding && !!help?.holds)
</script>

<template>
  <section v-if="finding || (help && help.kind)" aria-live="polite" class="grid gap-2">
    <div v-if="finding" class="flex flex-wrap items-center justify-between gap-2">
      <p class="text-muted">{{ message || 'Trying what would work, on your cloth …' }}</p>
      <button class="act" @click="emit('stop')">Stop here</button>
    </div>
    <p v-else-if="message" class="text-muted">{{ message }}</p>
    <ol class="grid gap-2">
      <li v-for="(o, i) in offers" :key="o.words" class="border-t border-line pt-2">
        <p class="font-semibold">{{ o.words }}</p>
        <p class="text-sm text-muted first-letter:uppercase">{{ o.cost }}</p>
        <div v-if="!finding" class="mt-1 flex flex-wrap gap-2">
          <button class="act" :aria-pressed="shown === i" @click="emit('show', shown === i ? undefined : i)">
            <Eye :size="18" /> {{ shown === i ? 'Back to the lay' : 'Show it' }}
          </button>
          <button v-if="o.changes" class="act act-main" :disabled="!holds" @click="emit('take', i)">
            <Check :size="18" /> Do this
          </button>
        </div>
      </li>
    </ol>
    <p v-if="!finding && !holds" class="text-sm text-muted">
      What was found before belongs to other panels, pieces or another lay; ask again.
    </p>
  </section>
</template>
