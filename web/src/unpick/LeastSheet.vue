<script setup lang="ts">
import { useAttempt } from '../api/useAttempt'
import ComplaintNote from '../ui/ComplaintNote.vue'
import { provideProblem } from '../ui/problem'
import { computed, reactive, ref } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import MeasureField from '../ui/MeasureField.vue'
import TickField from '../ui/TickField.vue'
import { minutes, verb } from './decisions'

/** The least work for what is needed: which parts must lie flat, which joins are kept closed. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const main = computed(() => project.source?.parts.filter((p) => p.main) ?? [])
const flat = ref<string[]>(main.value.map((p) => p.id))
const closed = ref<string[]>([])
const cutAway = ref(true)
const worth = ref(0)
const bySize = ref(false)
const size = reactive({ count: 2, width: '', length: '' })
const answers = ref<Schemas['LeastView'][]>([])
const { problem, attempt } = useAttempt()
provideProblem(problem)
const joins = computed(() => project.takeApart?.joins.filter((j) => !j.finishedEdge) ?? [])
const byId = computed(() => new Map(joins.value.map((j) => [j.id, j])))

async function ask() {
  answers.value =
    (await attempt(() =>
      take(
        api.POST('/api/projects/{id}/least-opening', {
          params: { path: { id: project.id } },
          body: {
            flat: flat.value,
            loose: [],
            closed: closed.value,
            cutAway: cutAway.value,
            clothWorth: worth.value,
            count: bySize.value ? size.count : 0,
            width: size.width,
            length: size.length,
          },
        }),
      ),
    )) ?? []
}
const apply = (answer: Schemas['LeastView']) =>
  change((params) => api.PUT('/api/projects/{id}/joins', { params, body: { joins: answer.joins } }))
const opened = (answer: Schemas['LeastView']) =>
  Object.entries(answer.joins)
    .filter(([, d]) => d !== 'LEAVE')
    .map(
      ([j, d]) =>
        `${verb({ seamless: !!byId.value.get(j)?.seamless, decision: d })} the ${byId.value.get(j)?.name ?? j}`,
    )
    .sort()
</script>

<template>
  <div class="grid gap-3">
    <TickField v-model="bySize" label="any panels of a size will do" />
    <template v-if="bySize">
      <label class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
        >how many
        <input v-model.number="size.count" type="number" min="1" max="20" class="field text-right" />
      </label>
      <MeasureField
        label="at least so wide"
        :value="size.width"
        name="size.width"
        @settle="(t) => (size.width = t)"
      />
      <MeasureField
        label="and so long"
        :value="size.length"
        name="size.length"
        @settle="(t) => (size.length = t)"
      />
    </template>
    <fieldset v-else>
      <legend class="text-lg">These must lie flat</legend>
      <label v-for="p in main" :key="p.id" class="flex min-h-8 items-center gap-3"
        ><input v-model="flat" type="checkbox" class="size-5 accent-madder" :value="p.id" />
        <span class="first-letter:uppercase">{{ p.name }}</span></label
      >
    </fieldset>
    <details>
      <summary class="min-h-8 cursor-pointer text-lg">Joins kept closed ({{ closed.length }})</summary>
      <label v-for="j in joins" :key="j.id" class="flex min-h-8 items-center gap-3"
        ><input v-model="closed" type="checkbox" class="size-5 accent-madder" :value="j.id" />
        <span class="first-letter:uppercase">{{ j.name }}</span></label
      >
    </details>
    <TickField v-model="cutAway" label="cutting beside the stitches is allowed" />
    <label class="grid grid-cols-[1fr_8.5rem] items-baseline gap-3 text-[15px]"
      >minutes that 1 dm² of won cloth is worth
      <input v-model.number="worth" type="number" min="0" max="1000" step="0.5" class="field text-right" />
    </label>
    <button class="act act-main" :disabled="busy || (!bySize && !flat.length)" @click="ask">
      Find the least work
    </button>
    <ComplaintNote />
    <section v-for="(a, i) in answers" :key="i" class="border-t border-line pt-2">
      <h3 class="flex gap-2 text-lg">
        <span class="grow">{{ i === 0 ? 'The least' : 'Or' }}</span><b>{{ minutes(a.minutes) }}</b>
      </h3>
      <p v-if="a.more" class="text-sm text-muted">{{ a.more }}</p>
      <p class="text-[15px] first-letter:uppercase">{{ opened(a).join('; ') || 'nothing needs opening' }}.</p>
      <button class="act mt-2" :disabled="busy" @click="apply(a)">Take this plan</button>
    </section>
  </div>
</template>
