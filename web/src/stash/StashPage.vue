<script setup lang="ts">
import { Plus, Upload } from '@lucide/vue'
import { useTitle } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../api/client'
import { provideProblem } from '../ui/problem'
import ProblemNote from '../ui/ProblemNote.vue'
import SearchSlip from './SearchSlip.vue'
import ThingCard from './ThingCard.vue'
import ThingForm from './ThingForm.vue'
import ThingSlip from './ThingSlip.vue'
import { useScale } from './useScale'
import { useStash, type Thing, type ThingBody } from './useStash'

/** The cupboard: everything that waits, drawn to one scale, found by name, code, role and size. */
const route = useRoute()
/** What was just put in elsewhere is shown. */
const named = () => (typeof route?.query.thing === 'string' ? route.query.thing : undefined)
const stash = useStash()
const { shelf, loading, thrown, problem } = stash
provideProblem(problem)
useTitle('Stash · Hand Down')
const things = computed(() => shelf.value?.things ?? [])
const picked = ref<string | undefined>(named())
const shown = computed(() => things.value.find((t) => t.id === picked.value))
/** Whoever comes with a garment in the hand finds the form open. */
const adding = ref(!!route?.query.put)
const slip = ref<HTMLElement>()
// On a narrow screen the slip lies above the cupboard: what was picked below comes into sight.
watch([picked, adding], async () => {
  await nextTick()
  if (shown.value || adding.value) slip.value?.scrollIntoView({ block: 'nearest' })
})
const last = ref<Thing>()
const A_PAGE = 60
const scale = useScale(things)
async function add(body: ThingBody) {
  const made = await stash.add(body)
  if (!made) return
  adding.value = false
  await stash.lookForAnything()
  picked.value = made.id
}
const picker = ref<HTMLInputElement>()
async function bring(e: Event) {
  const input = e.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await stash.bring(file)
  input.value = ''
}
async function pick(id: string) {
  await stash.lookForAnything()
  picked.value = id
}
/** The slip goes with its thing. */
async function throwAway(thing: Thing) {
  if (!(await stash.gone(thing.id))) return
  last.value = thing
  picked.value = undefined
}
async function takeBack(id: string) {
  if (await stash.takeBack(id)) last.value = undefined
}
const beside = ref<Thing>()
const pairing = ref<{ names: string[]; view: Schemas['PairingView'] }>()
const verdicts = {
  COMPATIBLE: 'They go together.',
  WITH_MEASURES: 'They go together, with measures:',
  NO: 'They do not go together:',
} as const
const tone = { COMPATIBLE: 'text-good', WITH_MEASURES: 'text-stale', NO: 'text-madder' } as const
/** The first source picked waits for a second one. */
async function choose(thing: Thing) {
  picked.value = thing.id
  adding.value = false
  const first = beside.value
  if (!first || first.id === thing.id || thing.kind !== 'SOURCE') return
  const view = await stash.pair(first.id, thing.id)
  if (view) pairing.value = { names: [first.name, thing.name], view }
  beside.value = undefined
}
const isNarrowed = computed(() => {
  const { text, place, kind, weave, missed, colour } = stash.asked.value
  return [text, place, kind, weave, missed, colour].some(Boolean)
})
const isLooking = computed(() => !!stash.asked.value.role && stash.asked.value.role !== 'ANYTHING')
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center gap-3 border-b border-line bg-paper px-5 py-3">
      <RouterLink to="/" class="font-serif text-2xl text-madder">Hand Down</RouterLink>
      <h1 class="grow text-2xl">The stash</h1>
      <button class="act act-main" @click="((adding = true), (picked = undefined))">
        <Plus :size="18" /> Put something in
      </button>
      <button class="act" @click="picker?.click()"><Upload :size="18" /> Bring a file</button>
      <input
        ref="picker"
        type="file"
        accept="application/json,.json,text/csv,.csv"
        class="hidden"
        aria-label="File of the stash"
        @change="bring"
      />
      <details class="relative">
        <summary class="act cursor-pointer">On paper, as files</summary>
        <div class="slip absolute right-0 z-30 mt-1 grid w-56 gap-1 p-3">
          <a href="/api/stash/labels.pdf" target="_blank">Labels for all bags (PDF)</a>
          <a href="/api/stash/stash.csv" download="stash.csv">As a table (CSV)</a>
          <a href="/api/stash/stash.json" download="stash.json">All of it (JSON)</a>
        </div>
      </details>
    </header>
    <main class="mx-auto grid max-w-[100rem] gap-5 p-5 lg:grid-cols-[19rem_1fr_21rem]">
      <div class="grid content-start gap-4 self-start lg:sticky lg:top-4">
        <SearchSlip :stash="stash" />
        <details v-if="thrown?.length" class="slip px-4 py-2">
          <summary class="min-h-8 cursor-pointer">Thrown away, still to be had: {{ thrown.length }}</summary>
          <ul class="divide-y divide-line">
            <li v-for="t in thrown" :key="t.id" class="flex items-center gap-2 py-1">
              <span class="grow">{{ t.code }} {{ t.name }}</span>
              <button class="act" :aria-label="`Take back ${t.name}`" @click="takeBack(t.id)">
                Take it back
              </button>
            </li>
          </ul>
        </details>
      </div>
      <div class="order-last min-w-0 lg:order-none">
        <p v-if="last" class="slip mb-3 flex items-center gap-4 p-3" role="status">
          <span class="grow">“{{ last.name }}” is thrown away; it can be taken back for 30 days.</span>
          <button class="act" @click="takeBack(last.id)">Take it back</button>
        </p>
        <p v-if="beside" class="slip mb-3 flex items-center gap-4 p-3" role="status">
          <span class="grow">Pick what shall lie beside “{{ beside.name }}”.</span>
          <button class="act" @click="beside = undefined">Leave it</button>
        </p>
        <section v-if="pairing" class="slip mb-3 p-4" role="status">
          <h2 class="text-xl">{{ pairing.names.join(' with ') }}</h2>
          <p class="font-semibold" :class="tone[pairing.view.verdict]">
            {{ verdicts[pairing.view.verdict] }}
          </p>
          <ul>
            <li v-for="s in pairing.view.sentences" :key="s">{{ s }}</li>
          </ul>
          <button class="act mt-2" @click="pairing = undefined">Understood</button>
        </section>
        <p class="mb-3 text-muted" role="status">
          <template v-if="loading">Looking …</template>
          <template v-else-if="isLooking && things.length">
            {{
              (shelf?.count ?? 0) > things.length
                ? `The ${things.length} that fit most closely`
                : `${things.length} would serve, the closest fit first`
            }}; each is drawn with the part lying on it.
          </template>
          <template v-else-if="isLooking">
            Nothing that is free serves. Ask for less, or look at what is promised elsewhere.
          </template>
          <template v-else-if="things.length"
            >{{ shelf?.count === 1 ? '1 thing' : `${shelf?.count} things` }}: all cloth drawn to one scale,
            all keepers to a larger one.</template
          >
          <template v-else-if="isNarrowed"> Nothing of that kind lies here. </template>
          <template v-else>
            The stash is empty. Put in a garment with three measures, a remnant, or the buttons you cut off:
            each takes less than a minute.
          </template>
        </p>
        <ul v-if="shelf?.broken.length" class="slip mb-4 border-l-4 border-l-stale px-4 py-2">
          <li v-for="b in shelf.broken" :key="b.id" class="py-1">
            <b class="inline-block first-letter:uppercase">{{ b.what }}</b> lies there but cannot be read:
            {{ b.why }}
          </li>
        </ul>
        <ul class="grid grid-cols-2 gap-3 sm:grid-cols-3 2xl:grid-cols-4">
          <li v-for="t in things" :key="t.id" class="flex">
            <ThingCard :thing="t" :across="scale(t)" :picked="picked === t.id" @pick="choose(t)" />
          </li>
        </ul>
        <div v-if="!isLooking && (shelf?.count ?? 0) > A_PAGE" class="mt-4 flex gap-2">
          <button
            class="act"
            :disabled="stash.asked.value.from === 0"
            @click="stash.look(Math.max(0, stash.asked.value.from - A_PAGE))"
          >
            Newer
          </button>
          <button
            class="act"
            :disabled="stash.asked.value.from + A_PAGE >= (shelf?.count ?? 0)"
            @click="stash.look(stash.asked.value.from + A_PAGE)"
          >
            Older
          </button>
        </div>
      </div>
      <aside
        ref="slip"
        class="order-first min-w-0 scroll-mt-4 self-start lg:sticky lg:top-4 lg:order-none lg:max-h-[calc(100vh-2rem)] lg:overflow-y-auto"
      >
        <section v-if="adding" class="slip p-4">
          <h2 class="mb-2 text-2xl">Into the stash</h2>
          <ThingForm :busy="stash.busy.value" @store="add" @leave="adding = false" />
        </section>
        <ThingSlip
          v-else-if="shown"
          :key="shown.id"
          :thing="shown"
          :stash="stash"
          @close="picked = undefined"
          @picked="pick"
          @beside="(t) => (beside = t)"
          @gone="throwAway"
        />
        <p v-else class="slip hidden p-4 text-muted lg:block">
          Pick a thing to see all of it, or put something in.
        </p>
      </aside>
    </main>
    <ProblemNote :problem="problem" @close="problem = undefined" />
  </div>
</template>
