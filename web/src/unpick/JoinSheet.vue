<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { computed, ref } from 'vue'
import type { Schemas } from '../api/client'
import { useHand } from '../project/hand'
import MeasureField from '../ui/MeasureField.vue'
import { choices, minutes, seamless, type Decision } from './decisions'

/** One join: what to do with it, what that takes and gives, and how it is done. */
const { join } = defineProps<{ join: Schemas['JoinView']; busy: boolean }>()
const emit = defineEmits<{ decide: [id: string, decision: Decision, from?: string, to?: string] }>()
const {} = useHand()
const from = ref(join.stretches[0]?.from ?? '')
const to = ref(join.stretches[0]?.to ?? '')
function partly() {
  if (from.value && to.value) emit('decide', join.id, 'UNPICK', from.value, to.value)
  // Emptied again: the whole of it is meant.
  else if (!from.value && !to.value && join.stretches.length) emit('decide', join.id, 'UNPICK')
}
const each = computed(() => (join.wonCm2 > 0 ? join.minutes / join.wonCm2 : 0))
const risks = { NONE: '', SOME: 'some risk', MUCH: 'much risk' } as const
</script>

<template>
  <section class="border-y border-line py-3" aria-live="polite">
    <h3 class="text-xl first-letter:uppercase">{{ join.name }}</h3>
    <p class="text-[15px] text-muted">
      {{ join.stitch }}<template v-if="join.stitchNumber"> (stitch type {{ join.stitchNumber }})</template>,
      <template v-if="!join.seamless">{{ join.rows }} {{ join.rows === 1 ? 'row' : 'rows' }}, </template
      >{{ join.length }} long<template v-if="risks[join.risk]"
        >, <b class="text-stale">{{ risks[join.risk] }}</b></template
      >
    </p>
    <RadioGroup
      :model-value="join.decision"
      class="my-3 grid gap-1"
      :disabled="busy"
      @update:model-value="(d: Decision) => emit('decide', join.id, d)"
    >
      <RadioGroupLabel class="sr-only">What to do with it</RadioGroupLabel>
      <RadioGroupOption
        v-for="c in join.seamless ? seamless : choices"
        :key="c.id"
        v-slot="{ checked }"
        :value="c.id"
        class="cursor-pointer rounded-[3px] focus-visible:outline-3"
      >
        <div
          class="flex min-h-11 items-center gap-3 rounded-[3px] border px-3 py-1"
          :class="checked ? 'border-madder bg-table' : 'border-line'"
        >
          <span
            class="grid size-4 shrink-0 place-items-center rounded-full border-2"
            :class="checked ? 'border-madder' : 'border-muted'"
          >
            <span v-if="checked" class="size-2 rounded-full bg-madder" />
          </span>
          <span
            ><b>{{ c.word }}</b> <span class="text-sm text-muted">{{ c.what }}</span></span
          >
        </div>
      </RadioGroupOption>
    </RadioGroup>
    <p v-if="join.finishedEdge && join.decision === 'LEAVE'">
      Kept: {{ join.length }} of finished hem, {{ join.allowance }} deep.
    </p>
    <p v-else-if="join.decision === 'UNPICK' && join.stretches.length">
      Only {{ join.stretches.map((s) => `${s.from} to ${s.to}`).join(' and ') }}: {{ minutes(join.minutes) }};
      its parts stay together, no cloth comes free.
      <span class="block text-sm text-muted">{{ join.formula }}</span>
    </p>
    <p v-else-if="join.decision === 'UNPICK'">
      {{ minutes(join.minutes) }} for {{ join.won }} more along each side, {{ Math.round(join.wonCm2) }} cm²
      in all<template v-if="each > 0">: {{ each.toFixed(2) }} min for each cm²</template>.
      <span class="block text-sm text-muted">{{ join.formula }}</span>
    </p>
    <p v-else-if="join.decision === 'CUT_AWAY'">
      {{ minutes(join.minutes) }}; {{ Math.round(join.lostCm2) }} cm² of allowance are given up.
    </p>
    <p v-else>Nothing is won, nothing is lost; its parts stay together.</p>
    <ul class="mt-2 text-[15px]">
      <li v-for="e in join.effects" :key="e">{{ e }}</li>
    </ul>
    <p v-if="join.traits.length" class="mt-1 text-sm text-muted first-letter:uppercase">
      {{ join.traits.join('; ') }}.
    </p>
    <template v-if="join.decision === 'UNPICK' && !join.finishedEdge && join.stretches.length < 2">
      <p class="mt-3 text-sm text-muted">
        Only a stretch of it, from its start{{ join.ends[0] ? ` at the ${join.ends[0]}` : '' }}:
      </p>
      <MeasureField label="from" :value="from" name="stretch.from" @settle="(t) => ((from = t), partly())" />
      <MeasureField label="to" :value="to" name="stretch.to" @settle="(t) => ((to = t), partly())" />
      <ComplaintNote :of="['stretch']" />
    </template>
    <ol v-if="join.how.length" class="mt-3 list-decimal pl-5 text-[15px]">
      <li v-for="h in join.how" :key="h">{{ h }}</li>
    </ol>
    <p v-for="c in join.cautions" :key="c" class="mt-1 text-[15px] text-stale">{{ c }}</p>
  </section>
</template>
