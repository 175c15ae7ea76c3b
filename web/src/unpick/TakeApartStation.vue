<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import SourceDrawing from '../drawing/SourceDrawing.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import SlipTabs from '../ui/SlipTabs.vue'
import JoinSheet from './JoinSheet.vue'
import LeastSheet from './LeastSheet.vue'
import SittingsSheet from './SittingsSheet.vue'
import { area, minutes, verb } from './decisions'

const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const picked = ref<string>()
const plan = computed(() => project.takeApart)
const join = computed(() => plan.value?.joins.find((j) => j.id === picked.value))
const pickedPart = ref<string>()
const part = computed(() => project.source?.parts.find((p) => p.id === pickedPart.value))
const joinsOfPart = computed(
  () => plan.value?.joins.filter((j) => j.runs.some((r) => r.part === pickedPart.value)) ?? [],
)
function pickJoin(id: string) {
  picked.value = id
  pickedPart.value = undefined
}
function pickPart(id: string) {
  pickedPart.value = id
  picked.value = undefined
}
const isInches = computed(() => project.unit === 'INCH')

function decide(id: string, decision: Schemas['JoinView']['decision'], from = '', to = '') {
  return change(({ path, query }) =>
    api.PUT('/api/projects/{id}/joins/{join}', {
      params: { path: { ...path, join: id }, query },
      body: { decision, from, to },
    }),
  )
}
const idle = computed(() => plan.value?.joins.filter((j) => j.idle) ?? [])
const idleMinutes = computed(() => idle.value.reduce((sum, j) => sum + j.minutes, 0))
const tabs = computed(() => [
  { id: 'joins', name: 'Joins' },
  { id: 'least', name: 'Least work' },
  { id: 'order', name: 'Sittings' },
  {
    id: 'lost',
    name: 'Lost',
    note: plan.value?.destroyed.length ? String(plan.value.destroyed.length) : undefined,
  },
])
</script>

<template>
  <StationFrame
    title="Take apart"
    lead="For each join: unpick it, cut it away, or leave it. Pick one in the drawing or in the list."
  >
    <template #table>
      <SourceDrawing
        v-if="project.source && plan"
        :source="project.source"
        :joins="plan.joins"
        :picked="picked"
        :picked-part="part?.id"
        :inches="isInches"
        @pick="pickJoin"
        @part="pickPart"
      />
      <EmptyTable
        v-else
        :text="
          project.cloths.length
            ? 'Nothing is sewn together here: what was brought lies flat already.'
            : 'First say what will be taken apart, at Source. Then every seam can be picked here.'
        "
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
          <dd class="font-serif text-2xl">{{ area(plan.wonCm2) }}</dd>
        </div>
        <div>
          <dt class="text-sm text-muted">given up</dt>
          <dd class="font-serif text-2xl">{{ area(plan.lostCm2) }}</dd>
        </div>
      </dl>
      <SlipTabs :tabs="tabs">
        <template #joins>
          <div class="grid gap-3">
            <template v-if="project.aim.cutOut">
              <p v-if="plan.flat.length === plan.parts">
                {{ plan.parts === 1 ? 'Its one part lies' : `All ${plan.parts} parts lie` }} flat.
              </p>
              <p v-for="h in plan.held" :key="h" class="text-stale">{{ h }}</p>
            </template>
            <p v-if="idle.length" class="text-stale">
              The lay uses nothing of what unpicking won at the {{ idle.map((j) => j.name).join(', the ') }}:
              left closed or cut away, {{ minutes(idleMinutes) }} are saved.
            </p>
            <JoinSheet
              v-if="join"
              :key="join.id + project.version"
              :join="join"
              :busy="busy"
              @decide="decide"
            />
            <section v-else-if="part" class="border-y border-line py-3" aria-live="polite">
              <h3 class="text-xl first-letter:uppercase">{{ part.name }}</h3>
              <p class="text-[15px] text-muted">
                {{ part.layer
                }}<template v-if="part.main">{{
                  plan.flat.includes(part.id) ? ', lies flat' : ', still part of a tube'
                }}</template
                >; held by {{ joinsOfPart.length }} join{{ joinsOfPart.length === 1 ? '' : 's' }}:
              </p>
              <ul>
                <li v-for="j in joinsOfPart" :key="j.id">
                  <button
                    class="min-h-8 underline decoration-line underline-offset-4"
                    @click="pickJoin(j.id)"
                  >
                    {{ j.name }}: {{ verb(j) }}
                  </button>
                </li>
              </ul>
            </section>
            <p v-else class="border-y border-line py-3 text-muted">
              Nothing is picked. Tap a seam or a part in the drawing.
            </p>
            <ul class="grid">
              <li v-for="j in plan.joins" :key="j.id">
                <button
                  class="flex w-full items-baseline gap-2 rounded px-2 py-1 text-left hover:bg-table"
                  :class="{ 'bg-table': j.id === picked }"
                  @click="pickJoin(j.id)"
                >
                  <span class="grow first-letter:uppercase">{{ j.name }}</span>
                  <span
                    class="text-sm whitespace-nowrap"
                    :class="j.decision === 'LEAVE' ? 'text-muted' : 'font-semibold'"
                    >{{ verb(j) }}{{ j.stretches.length ? ' in part' : '' }}</span
                  >
                  <span class="w-16 text-right text-sm text-muted">{{
                    j.minutes > 0 ? Math.max(1, Math.round(j.minutes)) + ' min' : ''
                  }}</span>
                </button>
              </li>
            </ul>
            <details>
              <summary class="min-h-8 cursor-pointer text-lg">
                Parts ({{ project.source?.parts.length }})
              </summary>
              <ul>
                <li v-for="p in project.source?.parts ?? []" :key="p.id">
                  <button
                    class="flex w-full gap-2 rounded px-2 py-1 text-left hover:bg-table"
                    :class="{ 'bg-table': p.id === pickedPart }"
                    @click="pickPart(p.id)"
                  >
                    <span class="grow first-letter:uppercase">{{ p.name }}</span><span
                      class="text-sm text-muted"
                      >{{ p.layer }}</span
                    >
                  </button>
                </li>
              </ul>
            </details>
            <p class="text-sm text-muted">
              Unpicker: point away from cloth, eyes and fingers, in good light.
            </p>
          </div>
        </template>
        <template #least><LeastSheet :project="project" /></template>
        <template #order><SittingsSheet :project="project" /></template>
        <template #lost>
          <p class="mb-2 text-muted">
            What this plan destroys; say yes to each before the first stitch is opened.
          </p>
          <ul>
            <li v-for="d in plan.destroyed" :key="d" class="border-t border-line py-1">{{ d }}</li>
          </ul>
          <p v-if="!plan.destroyed.length">Nothing finished is lost.</p>
        </template>
      </SlipTabs>
    </div>
  </StationFrame>
</template>
