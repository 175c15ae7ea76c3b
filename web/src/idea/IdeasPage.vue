<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, onUnmounted, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useDrafts } from '../aim/useDrafts'
import { api, take } from '../api/client'
import LampSwitch from '../ui/LampSwitch.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import PlainField from '../ui/PlainField.vue'
import { provideProblem } from '../ui/problem'
import ProblemNote from '../ui/ProblemNote.vue'
import IdeaCard from './IdeaCard.vue'
import WishList from './WishList.vue'
import { useIdeas, type Asked, type Card } from './useIdeas'

/** What the stash could become: asked from a garment in the hand, or from a wish. */
useTitle('What would it make? · Hand Down')
const route = useRoute()
const router = useRouter()
const ideas = useIdeas()
const { possible, refused, waiting, at, wearers, busy, asked, problem } = ideas
provideProblem(problem)
onUnmounted(ideas.stop)
const { families } = useDrafts()
const { data: shelf } = useQuery({
  queryKey: ['stash', 'sources'],
  queryFn: () =>
    take(api.POST('/api/stash/search', { body: { text: '', place: '', from: 0, size: {}, kind: 'SOURCE' } })),
})
const UNITS: { id: NonNullable<Asked['unit']>; words: string }[] = [
  { id: 'CM', words: 'cm' },
  { id: 'INCH', words: 'in' },
]
const SOMEBODY_NEW = 'somebody new'
const form = reactive({
  source: typeof route.query.source === 'string' ? route.query.source : '',
  draft: '',
  wearer: typeof route.query.wearer === 'string' ? route.query.wearer : '',
  name: '',
  height: '',
  unit: 'CM' as NonNullable<Asked['unit']>,
})
const sources = computed(() => [
  { id: '', words: 'any that is free' },
  ...(shelf.value?.things ?? []).map((t) => ({ id: t.id, words: `${t.name} (${t.code})` })),
  ...(form.source && !shelf.value?.things.some((t) => t.id === form.source)
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
  ...measured.value.map((w) => ({ id: w.name, words: `${w.name}, ${w.height}` })),
  { id: SOMEBODY_NEW, words: SOMEBODY_NEW },
])
watch(people, (all) => {
  if (wearers.value && !all.some((p) => p.id === form.wearer)) form.wearer = all[0]?.id ?? SOMEBODY_NEW
})
const isNew = computed(() => form.wearer === SOMEBODY_NEW || !measured.value.length)
const ask = () =>
  ideas.ask({
    source: form.source || undefined,
    draft: form.draft,
    wearer: isNew.value ? form.name : form.wearer,
    height: isNew.value ? form.height : '',
    unit: isNew.value ? form.unit : measured.value.find((w) => w.name === form.wearer)?.unit,
  })
function pickWish(draft: string, wearer: string) {
  Object.assign(form, { draft, wearer, source: '' })
  void ask()
}
async function begin(card: Card) {
  ideas.stop()
  const made = await ideas.begin(card)
  if (made) await router.push({ name: 'project', params: { id: made.id } })
}
const showRefused = ref(false)
const MORE = 8
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
        A garment of the stash and somebody to wear the new one: every draft is tried on its cloth, and what
        may be enough is really laid, a few seconds each. Or a wish, tried on everything that is free.
      </p>
      <form
        class="slip mb-6 grid items-end gap-4 p-4 sm:grid-cols-2 lg:grid-cols-4"
        novalidate
        @submit.prevent="ask"
      >
        <!-- Before its list is there, the source that was asked for would look like none of them. -->
        <ChoiceField v-if="shelf" v-model="form.source" label="From" :choices="sources" />
        <ChoiceField v-model="form.draft" label="It shall become" :groups="wishes" />
        <ChoiceField v-if="wearers" v-model="form.wearer" label="Who will wear it" :choices="people" />
        <div v-if="wearers && isNew" class="grid grid-cols-[2fr_2fr_1fr] gap-3">
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
      <p v-if="busy && !possible.length" class="text-muted" role="status">
        Trying every draft on the cloth …
      </p>
      <p v-if="asked && !possible.length && !busy" class="slip mb-4 p-4" role="status">
        Nothing of it is large enough. What is short is told below; a second cloth, or somebody smaller, may
        help.
      </p>
      <p v-if="at" class="mb-3 flex items-center gap-3" role="status">
        <span class="grow text-muted">Laying {{ at.idea.words }} on the {{ at.idea.sourceName }} …</span>
        <button class="act" @click="ideas.stop()">Stop here</button>
      </p>
      <ul class="mb-6 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
        <li v-for="c in possible" :key="c.idea.source + c.idea.draft" class="flex">
          <IdeaCard
            :card="c"
            :is-laying="at === c"
            :busy="busy"
            :is-named="!asked?.source"
            @begin="begin(c)"
          />
        </li>
      </ul>
      <button v-if="waiting.length && !at" class="act mb-6" @click="ideas.lay(MORE)">
        Lay {{ Math.min(MORE, waiting.length) }} more of {{ waiting.length }}
      </button>
      <details v-if="refused.length" class="slip px-4 py-2" :open="showRefused || !possible.length">
        <summary class="min-h-8 cursor-pointer">Not enough cloth for: {{ refused.length }}</summary>
        <ul class="divide-y divide-line">
          <li v-for="c in refused" :key="c.idea.source + c.idea.draft" class="py-1">
            <b class="first-letter:uppercase inline-block">{{ c.idea.words }}</b><span
              v-if="!asked?.source"
              class="text-muted"
              >, from the {{ c.idea.sourceName }}</span
            ><span class="block text-[15px]">{{ c.idea.sentence }}</span>
          </li>
        </ul>
      </details>
    </main>
    <ProblemNote :problem="problem" @close="problem = undefined" />
  </div>
</template>
