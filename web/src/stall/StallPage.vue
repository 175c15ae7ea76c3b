<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, take, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'
import { useUnit } from '../account/useAccount'
import { useKinds } from '../source/useKinds'
import { weaves } from '../stash/kinds'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'
import { provideProblem } from '../ui/problem'
import ProblemNote from '../ui/ProblemNote.vue'
import { usePeople } from '../wearers/useWearers'

/** At the stall, with one thing in the hand: whom would it serve, and what is to be looked at before it is paid for? */
useTitle('At the stall · Hand Down')
type Thing = Schemas['ThingRequest']
const router = useRouter()
const kinds = useKinds(useUnit())
const { people } = usePeople()
const { problem, busy, attempt } = useAttempt()
provideProblem(problem)
const FIRST = 3
const form = reactive({
  sourceKind: 'TROUSERS' as NonNullable<Thing['sourceKind']>,
  measures: {} as Record<string, string>,
  isFlat: true,
  weave: 'PLAIN' as NonNullable<NonNullable<Thing['cloth']>['weave']>,
  thickness: '0.8 mm',
  stretched: '',
  cost: '',
  name: '',
})
/** What such a garment mostly is of; the hand says better. */
const MOSTLY: Partial<Record<typeof form.sourceKind, typeof form.weave>> = {
  JEANS: 'TWILL',
  T_SHIRT: 'KNIT',
  JUMPER: 'KNIT',
  SWEATSHIRT: 'KNIT',
  BLANKET: 'BLANKET',
}
watch(
  () => form.sourceKind,
  (kind) => Object.assign(form, { measures: {}, weave: MOSTLY[kind] ?? 'PLAIN' }),
)
const pinches = [
  { id: '0.3 mm', words: 'like paper: shirting, lining' },
  { id: '0.8 mm', words: 'like trousers' },
  { id: '1.5 mm', words: 'like a blanket or a coat' },
  { id: '3 mm', words: 'thicker: felt, deep pile' },
]
const kind = computed(() => kinds.value.find((k) => k.kind === form.sourceKind))
const isGirth = (m: { quantity: string }) => m.quantity === 'GIRTH'
/** Two girths and a length say most about the cloth; where there is less of one, more of the other. */
const spec = computed(() => {
  const lengths = kind.value?.measures.filter((m) => !m.options.length && m.quantity !== 'COUNT') ?? []
  const first = [
    ...lengths.filter(isGirth).slice(0, 2),
    ...lengths.filter((m) => m.quantity === 'LENGTH').slice(0, 1),
  ]
  return [...first, ...lengths.filter((m) => !first.includes(m))].slice(0, FIRST)
})
const across = (m: { id: string; words: string; quantity: string }) =>
  form.isFlat && isGirth(m) ? `${m.words.replace(', whole girth', '')}, across, lying flat` : m.words
const thing = (): Thing => ({
  kind: 'SOURCE',
  sourceKind: form.sourceKind,
  name: form.name.trim() || kind.value?.words || 'a find',
  measures: form.measures,
  flat: form.isFlat ? spec.value.filter(isGirth).map((m) => m.id) : [],
  cloth: { weave: form.weave, thickness: form.thickness, stretched: form.stretched },
  tag: { cost: form.cost, washed: false },
})
const found = ref<Schemas['StallView']>()
const whose = ref('')
async function ask(wearer = '') {
  const came = await attempt(() => take(api.POST('/api/ideas/stall', { body: { thing: thing(), wearer } })))
  if (came) {
    found.value = came
    whose.value = wearer
  }
}
const serves = computed(() => found.value?.answers.filter((a) => a.chance !== 'NO') ?? [])
const not = computed(() => found.value?.answers.filter((a) => a.chance === 'NO') ?? [])
const measured = computed(() => people.value?.filter((p) => p.height) ?? [])
const { data: wishes } = useQuery({
  queryKey: ['wishes'],
  queryFn: () => take(api.GET('/api/ideas/wishes')),
})
const isAsked = computed(() => !!found.value)
async function keep() {
  const made = await attempt(() => take(api.POST('/api/stash', { body: thing() })))
  if (made) await router.push({ name: 'stash', query: { thing: made.id } })
}
const chances = { LIKELY: 'yes, by its figures', TIGHT: 'tight', NO: 'no' } as const
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center gap-3 border-b border-line bg-paper px-4 py-3">
      <RouterLink to="/" class="font-serif text-2xl text-madder" title="Back to the household"
        >Hand Down</RouterLink
      >
      <h1 class="grow text-xl">At the stall</h1>
    </header>
    <main class="mx-auto grid max-w-4xl items-start gap-4 p-4 md:grid-cols-2">
      <form class="slip grid gap-3 p-4" novalidate @submit.prevent="ask()">
        <ChoiceField
          v-model="form.sourceKind"
          label="In the hand"
          :choices="kinds.map((k) => ({ id: k.kind, words: k.words }))"
        />
        <TickField v-model="form.isFlat" label="girths are read across, lying flat" />
        <MeasureField
          v-for="m in spec"
          :key="form.sourceKind + m.id"
          :label="across(m)"
          :value="form.measures[m.id] ?? ''"
          :name="'thing.' + m.id"
          :hint="form.isFlat && isGirth(m) ? 'it is doubled' : undefined"
          @settle="(text) => (form.measures[m.id] = text)"
        />
        <div class="grid grid-cols-2 gap-3">
          <ChoiceField v-model="form.weave" label="Its cloth" :choices="[...weaves]" />
          <ChoiceField v-model="form.thickness" label="Pinched, it is" :choices="pinches" />
        </div>
        <MeasureField
          label="10 cm across pull out to"
          :value="form.stretched"
          name="stretch.stretched"
          hint="empty where nobody pulled"
          @settle="(text) => (form.stretched = text)"
        />
        <PlainField v-model="form.cost" label="Price" name="thing.cost" />
        <button class="act act-main" :disabled="busy">Whom would it serve?</button>
      </form>
      <section class="grid gap-4">
        <p v-if="!isAsked" class="slip p-4 text-muted">
          <template v-if="wishes?.length">It is held against your {{ wishes.length }} wishes.</template>
          <template v-else>
            No wish is kept yet: they are kept under
            <RouterLink class="underline" to="/ideas">What would it make?</RouterLink>. Until then, ask for
            somebody.
          </template>
        </p>
        <template v-else>
          <div class="slip grid gap-3 p-4" role="status">
            <h2 class="text-2xl">{{ whose ? `For ${whose}` : 'Your wishes' }}</h2>
            <p class="text-sm text-muted">{{ found?.measured }}</p>
            <p v-if="!serves.length" class="text-stale">
              {{ found?.answers.length ? 'It would serve none of them.' : 'No wish is kept yet.' }}
            </p>
            <ul class="grid gap-2">
              <li
                v-for="a in serves"
                :key="a.draft + a.wearer"
                class="border-l-4 pl-3"
                :class="a.chance === 'TIGHT' ? 'border-stale' : 'border-good'"
              >
                <b class="inline-block first-letter:uppercase">{{ a.words }}</b> for {{ a.wearer }}:
                {{ chances[a.chance] }}
                <span class="block text-[15px] text-muted">{{ a.sentence }}</span>
              </li>
            </ul>
            <details v-if="not.length">
              <summary class="min-h-8 cursor-pointer">It would not do for {{ not.length }}</summary>
              <ul class="grid gap-1 text-[15px]">
                <li v-for="a in not" :key="a.draft + a.wearer">
                  <b class="inline-block first-letter:uppercase">{{ a.words }}</b> for {{ a.wearer }}:
                  {{ a.sentence }}
                </li>
              </ul>
            </details>
          </div>
          <div class="slip p-4">
            <h2 class="mb-1 text-xl">Look at it</h2>
            <ul class="grid gap-1">
              <li v-for="l in found?.lookAt" :key="l" class="flex gap-2 text-[15px]">
                <span aria-hidden="true">·</span>{{ l }}
              </li>
            </ul>
          </div>
          <div class="slip grid gap-2 p-4">
            <PlainField v-model="form.name" label="Taken home it is called" name="thing.name" />
            <button class="act act-main" :disabled="busy" @click="keep">Put it into the stash</button>
          </div>
        </template>
        <p v-if="measured.length" class="flex flex-wrap items-center gap-2">
          <span class="text-muted">What else, for</span>
          <button v-for="p in measured" :key="p.name" class="act" :disabled="busy" @click="ask(p.name)">
            {{ p.name }}
          </button>
        </p>
        <p v-else-if="people" class="text-muted">
          Nobody is measured yet:
          <RouterLink class="underline" to="/wearers">a name and a height</RouterLink> are enough.
        </p>
      </section>
    </main>
    <ProblemNote :problem="problem" @close="problem = undefined" />
  </div>
</template>
