<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import TrousersDrawing from './TrousersDrawing.vue'

const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const picked = ref<string>()
const plan = computed(() => project.takeApart)
const join = computed(() => plan.value?.joins.find((j) => j.id === picked.value))
const isInches = computed(() => project.unit === 'INCH')

type Decision = Schemas['JoinView']['decision']
const choices: { id: Decision; word: string; what: string }[] = [
  { id: 'UNPICK', word: 'Unpick', what: 'open the stitches, win the allowance back' },
  { id: 'CUT_AWAY', word: 'Cut away', what: 'cut beside the stitches, lose the allowance' },
  { id: 'LEAVE', word: 'Leave', what: 'keep it closed' },
]
function decide(id: string, decision: Decision) {
  return change(({ path, query }) =>
    api.PUT('/api/projects/{id}/joins/{join}', {
      params: { path: { ...path, join: id }, query },
      body: { decision },
    }),
  )
}
const minutes = (m: number) => (m < 1 ? 'under a minute' : `${Math.round(m)} min`)
const words: Record<Decision, string> = { UNPICK: 'unpick', CUT_AWAY: 'cut away', LEAVE: 'leave' }
</script>

<template>
  <StationFrame
    title="Take apart"
    lead="For each join: unpick it, cut it away, or leave it. Pick one in the drawing or in the list."
  >
    <template #table>
      <TrousersDrawing
        v-if="project.source && plan"
        :source="project.source"
        :joins="plan.joins"
        :picked="picked"
        :inches="isInches"
        @pick="(j) => (picked = j)"
      />
      <EmptyTable
        v-else
        text="First say which trousers these are, at Source. Then every seam can be picked here."
      />
    </template>
    <div v-if="plan" class="grid gap-4">
      <dl class="grid grid-cols-3 gap-2 text-center">
        <div>
          <dt class="text-sm text-muted">work</dt>
          <dd class="font-serif text-2xl">{{ minutes(plan.minutes) }}</dd>
        </div>
        <div>
          <dt class="text-sm text-muted">cloth won</dt>
          <dd class="font-serif text-2xl">{{ Math.round(plan.wonCm2) }} cm²</dd>
        </div>
        <div>
          <dt class="text-sm text-muted">given up</dt>
          <dd class="font-serif text-2xl">{{ Math.round(plan.lostCm2) }} cm²</dd>
        </div>
      </dl>
      <p v-if="plan.freeLegs.length === 4">All four legs come free and lie flat.</p>
      <p v-for="h in plan.held" :key="h" class="text-stale">{{ h }}</p>

      <section v-if="join" class="border-y border-line py-3" aria-live="polite">
        <h3 class="text-xl first-letter:uppercase">{{ join.name }}</h3>
        <p class="text-[15px] text-muted">
          {{ join.stitch
          }}<template v-if="join.stitchNumber"> (stitch type {{ join.stitchNumber }})</template>,
          {{ join.rows }} {{ join.rows === 1 ? 'row' : 'rows' }}, {{ join.length }} long
        </p>
        <RadioGroup
          :model-value="join.decision"
          class="my-3 grid gap-1"
          :disabled="busy"
          @update:model-value="(d: Decision) => decide(join!.id, d)"
        >
          <RadioGroupLabel class="sr-only">What to do with it</RadioGroupLabel>
          <RadioGroupOption
            v-for="c in choices"
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
                class="grid size-4 place-items-center rounded-full border-2"
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
        <p v-else-if="join.decision === 'UNPICK'">
          {{ minutes(join.minutes) }} for {{ join.won }} more along each side,
          {{ Math.round(join.wonCm2) }} cm² in all.
          <span class="block text-sm text-muted">{{ join.formula }}</span>
        </p>
        <p v-else-if="join.decision === 'CUT_AWAY'">
          {{ minutes(join.minutes) }}; {{ Math.round(join.lostCm2) }} cm² of allowance are given up.
        </p>
        <p v-else>Nothing is won, nothing is lost; its parts stay together.</p>
      </section>
      <p v-else class="border-y border-line py-3 text-muted">No join is picked. Tap a seam in the drawing.</p>

      <ul class="grid">
        <li v-for="j in plan.joins" :key="j.id">
          <button
            class="flex w-full items-baseline gap-2 rounded px-2 py-1 text-left hover:bg-table"
            :class="{ 'bg-table': j.id === picked }"
            @click="picked = j.id"
          >
            <span class="grow first-letter:uppercase">{{ j.name }}</span>
            <span class="text-sm" :class="j.decision === 'LEAVE' ? 'text-muted' : 'font-semibold'">{{
              words[j.decision]
            }}</span>
            <span class="w-16 text-right text-sm text-muted">{{
              j.minutes > 0 ? Math.max(1, Math.round(j.minutes)) + ' min' : ''
            }}</span>
          </button>
        </li>
      </ul>
      <p class="text-sm text-muted">Unpicker: point away from cloth, eyes and fingers, in good light.</p>
    </div>
  </StationFrame>
</template>
