<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, reactive, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useDrafts } from '../aim/useDrafts'
import { useUnit } from '../account/useAccount'
import { api, take } from '../api/client'
import LampSwitch from '../ui/LampSwitch.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import PlainField from '../ui/PlainField.vue'
import { provideProblem } from '../ui/problem'
import ProblemNote from '../ui/ProblemNote.vue'
import IdeaCard from './IdeaCard.vue'
import WishList from './WishList.vue'
import { useIdeas, type Asked, type Found } from './useIdeas'

/** What the stash could become: asked from a thing, from a wish, from somebody, or of everything at once. */
useTitle('What would it make? · Hand Down')
const route = useRoute()
const router = useRouter()
const ideas = useIdeas()
const { best, refused, search, wearers, busy, asked, problem } = ideas
provideProblem(problem)
const { families } = useDrafts()
const CLOTH = ['SOURCE', 'LENGTH', 'PANEL', 'REMNANT'] as const
const { data: shelf } = useQuery({
  queryKey: ['stash', 'cloth'],
  queryFn: async () => {
    const all = await Promise.all(
      CLOTH.map((kind) =>
        take(api.POST('/api/stash/search', { body: { text: '', place: '', from: 0, size: {}, kind } })),
      ),
    )
    return all.flatMap((s) => s.things)
  },
})
const UNITS: { id: NonNullable<Asked['unit']>; words: string }[] = [
  { id: 'CM', words: 'cm' },
  { id: 'INCH', words: 'in' },
]
const unit = useUnit()
const SOMEBODY_NEW = '+'
const EVERYBODY = '*'
const form = reactive({
  source: '',
  draft: '',
  wearer: '',
  name: '',
  height: '',
  unit: unit.value as NonNullable<Asked['unit']>,
})
const sources = computed(() => [
  { id: '', words: 'everything that is free' },
  ...(shelf.value ?? []).map((t) => ({ id: t.id, words: `${t.name} (${t.code})` })),
  ...(form.source && !shelf.value?.some((t) => t.id === form.source)
    ? [{ id: form.source, words: 'the one that was chosen' }]
    : []),
])
const garments = new Set(['for the legs', 'for the top', 'skirts', 'head, hands and legs'])
const wishes = computed(() => [
  { words: 'whatever it makes', choices: [{ id: '', words: 'anything' }] },
  ...families.value
    .filter((f) => garments.has(f.words))
    .map((f) => ({ words: f.words, choices: f.drafts.map((d) => ({ id: d.id, words: d.words })) })),
])
/** Nobody can be dressed whose height is unknown. */
const measured = computed(() => (wearers.value ?? []).filter((w) => w.height))
const people = computed(() => [
  ...(measured.value.length > 1 ? [{ id: EVERYBODY, words: 'everybody who is measured' }] : []),
  ...measured.value.map((w) => ({ id: w.name, words: `${w.name}, ${w.height}` })),
  { id: SOMEBODY_NEW, words: 'somebody new' },
])
const isNew = computed(() => form.wearer === SOMEBODY_NEW)
const fromRoute = (what: unknown) => (typeof what === 'string' ? what : '')
/** What the page was opened for; else what was asked last; filled in once, when all that can be chosen is there. */
let isFilled = false
watch(
  [people, search],
  () => {
    if (isFilled || !wearers.value || !search.value) return
    isFilled = true
    const source = fromRoute(route.query.source)
    const wearer = fromRoute(route.query.wearer)
    const last = source || wearer ? undefined : asked.value
    Object.assign(form, {
      source: last?.source ?? source,
      draft: last?.draft ?? '',
      name: last?.height ? last.wearer : '',
      height: last?.height ?? '',
      unit: last?.unit ?? unit.value,
    })
    const who = last?.wearer ?? wearer
    const known = measured.value.find((w) => w.name.toLowerCase() === who.toLowerCase())
    form.wearer = known?.name ?? (last?.height ? SOMEBODY_NEW : (people.value[0]?.id ?? SOMEBODY_NEW))
  },
  { immediate: true },
)
const ask = () =>
  ideas.ask({
    source: form.source || undefined,
    draft: form.draft,
    wearer: isNew.value ? form.name : form.wearer === EVERYBODY ? '' : form.wearer,
    height: isNew.value ? form.height : '',
    unit: isNew.value ? form.unit : (measured.value.find((w) => w.name === form.wearer)?.unit ?? unit.value),
  })
function goOn() {
  const last = asked.value
  if (last) void ideas.ask({ ...last, source: last.source || undefined })
}
function pickWish(draft: string, wearer: string) {
  Object.assign(form, { draft, wearer, source: '' })
  void ask()
}
async function begin(found: Found) {
  const made = await ideas.begin(found.id)
  if (made) await router.push({ name: 'project', params: { id: made.id } })
}
/** How far it is, in one sentence. */
const progress = computed(() => {
  const s = search.value
  if (!s?.asked) return ''
  const found = s.whole === 1 ? '1 lies whole' : `${String(s.whole)} lie whole`
  const more = s.open ? `, ${String(s.open)} are still to be tried or laid` : ''
  return `${String(s.tries)} tries: ${found}, for ${String(s.refusals)} there is too little cloth${more}.`
})
const isFor = computed(() => !asked.value?.wearer)
const named = (f: Found) => `${f.words}${isFor.value ? ` for ${f.wearer}` : ''}`
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center gap-4 border-b border-line bg-paper px-5 py-3">
      <RouterLink to="/" class="font-serif text-2xl text-madder" title="Back to the household"
        >Hand Down</RouterLink
      >
      <span class="grow" />
      <RouterLink class="act" to="/stall">At the stall</RouterLink>
      <RouterLink class="act" to="/stash">The stash</RouterLink>
      <LampSwitch />
    </header>
    <main class="mx-auto max-w-6xl p-5">
      <h1 class="mb-1 text-3xl">What would it make?</h1>
      <p class="mb-4 max-w-3xl text-muted">
        Every garment is tried on every cloth for everybody you choose, and what may be enough is really laid,
        a few seconds each; where no cloth does alone, two that go together are tried. It goes on while you
        are elsewhere, and what was found is kept until a measure or a cloth is another.
      </p>
      <form
        class="slip mb-6 grid items-end gap-4 p-4 sm:grid-cols-2 lg:grid-cols-4"
        novalidate
        @submit.prevent="ask"
      >
        <!-- Before its list is there, the source that was asked for would look like none of them. -->
        <ChoiceField v-if="shelf" v-model="form.source" label="From" :choices="sources" />
        <ChoiceField v-model="form.draft" label="It shall become" :groups="wishes" />
        <ChoiceField
          v-if="wearers && search"
          v-model="form.wearer"
          label="Who will wear it"
          :choices="people"
        />
        <div v-if="wearers && search && isNew" class="grid grid-cols-[2fr_2fr_1fr] gap-3">
          <PlainField v-model="form.name" label="Name" name="wearer" />
          <PlainField v-model="form.height" label="Height" name="height" />
          <ChoiceField v-model="form.unit" label="in" :choices="UNITS" />
        </div>
        <button class="act act-main" :disabled="busy">Try it</button>
      </form>
      <WishList
        :draft="form.draft"
        :wearer="isNew ? '' : form.wearer"
        :busy="busy"
        :attempt="ideas.attempt"
        @pick="pickWish"
      />
      <div v-if="progress" class="mb-4 flex flex-wrap items-center gap-3" role="status">
        <span class="grow text-muted">{{ search?.working ? 'At work. ' : '' }}{{ progress }}</span>
        <button v-if="search?.working" class="act" :disabled="busy" @click="ideas.stop()">Stop here</button>
        <button v-else-if="search?.stopped" class="act" :disabled="busy" @click="goOn">Go on</button>
      </div>
      <p v-if="asked && !best.length && !search?.working" class="slip mb-4 p-4" role="status">
        Nothing of it is large enough. What is short is told below; another cloth, or somebody smaller, may
        help.
      </p>
      <ul class="mb-6 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
        <li v-for="f in best" :key="f.id" class="flex">
          <IdeaCard :found="f" :busy="busy" :is-for="isFor" @begin="begin(f)" />
        </li>
      </ul>
      <details v-if="refused.length" class="slip px-4 py-2" :open="!best.length && !search?.working">
        <summary class="min-h-8 cursor-pointer">Not enough cloth for: {{ search?.refusals }}</summary>
        <ul class="divide-y divide-line">
          <li v-for="f in refused" :key="f.id" class="py-1">
            <b class="inline-block first-letter:uppercase">{{ named(f) }}</b><span
              v-if="!asked?.source"
              class="text-muted"
              >, from: {{ f.from }}</span
            ><span class="block text-[15px]">{{ f.sentence }}</span>
          </li>
        </ul>
        <p v-if="refused.length < (search?.refusals ?? 0)" class="py-1 text-muted">
          And more; choose a garment or a source to see them.
        </p>
      </details>
    </main>
    <ProblemNote :problem="problem" @close="problem = undefined" />
  </div>
</template>
