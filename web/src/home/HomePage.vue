<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useAccount, useWaysIn } from '../account/useAccount'
import LampSwitch from '../ui/LampSwitch.vue'
import ProblemNote from '../ui/ProblemNote.vue'
import { inWords } from '../ui/days'
import PracticeSlip from '../table/PracticeSlip.vue'
import ToolsSlip from '../table/ToolsSlip.vue'
import UnitSlip from '../table/UnitSlip.vue'
import AskAgain from '../stash/AskAgain.vue'
import ThingCard from '../stash/ThingCard.vue'
import { useScale } from '../stash/useScale'
import BeginSlip from './BeginSlip.vue'
import FirstSteps from './FirstSteps.vue'
import ProjectCard from './ProjectCard.vue'
import { useHousehold } from './useHousehold'
import { useShelf, type Standing } from './useShelf'

const { account } = useAccount()
const { signOut } = useWaysIn()
const household = useHousehold()
const { stash, thrown } = household
const shelf = useShelf()
const { shelf: standing, resting, aside, from, last: until, busy } = shelf
const problem = computed(() => household.problem.value ?? shelf.problem.value)
function understood() {
  household.problem.value = undefined
  shelf.problem.value = undefined
}
const NEWEST = 6
useTitle('Household · Hand Down')
const router = useRouter()
const last = ref<{ id: string; name: string }>()

const open = (made: { id: string } | undefined) =>
  made && router.push({ name: 'project', params: { id: made.id } })
const begin = async (name: string) => open(await household.create(name))
const CALLED = { LET_OUT: 'Let out', TAKE_IN: 'Taken in', ALTER: 'Changed' } as const
async function alter(way: keyof typeof CALLED) {
  const made = await household.create(CALLED[way])
  if (made)
    await router.push({ name: 'station', params: { id: made.id, station: 'aim' }, query: { made: way } })
}
const trying = ref(false)
async function example() {
  trying.value = true
  await open(await household.example())
  trying.value = false
}
const bring = async (file: File) => open(await household.importFile(file))
async function throwAway(p: Standing) {
  await household.throwAway(p.id)
  if (!household.problem.value) last.value = p
}
const back = ref<{ id: string; name: string }>()
async function takeBack(id: string) {
  const taken = last.value?.id === id ? last.value : thrown.value?.find((t) => t.id === id)
  await household.takeBack(id)
  back.value = taken && { id, name: taken.name }
  last.value = undefined
}
const newest = computed(() => stash.value?.things.slice(0, NEWEST) ?? [])
const scale = useScale(newest)
const isEmpty = computed(
  () => standing.value?.count === 0 && !shelf.text.value && !aside.value && !resting.value,
)
/** Enough to be looked through. */
const MANY = 6
const isMany = computed(() => (standing.value?.count ?? 0) > MANY || !!shelf.text.value)
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center gap-4 border-b border-line bg-paper px-5 py-3">
      <span class="font-serif text-2xl text-madder">Hand Down</span>
      <span class="grow text-muted">{{ account?.household }}</span>
      <RouterLink class="act" to="/wearers">Wearers</RouterLink>
      <RouterLink class="act" to="/words">Words</RouterLink>
      <span class="text-muted">{{ account?.name }}</span>
      <button class="act" @click="signOut">Sign out</button>
      <LampSwitch />
    </header>
    <main class="mx-auto max-w-6xl p-5">
      <div class="mb-3 flex flex-wrap items-center gap-3">
        <h1 class="grow text-3xl">{{ aside ? 'Set aside' : 'On the table' }}</h1>
        <input
          v-if="isMany"
          class="field max-w-56"
          type="search"
          placeholder="by name"
          aria-label="Look for a project"
          @change="shelf.look(($event.target as HTMLInputElement).value)"
        />
        <button v-if="aside || resting" class="act" @click="shelf.showAside(!aside)">
          {{ aside ? 'Back to the table' : `Set aside: ${resting}` }}
        </button>
        <a v-if="!isEmpty" class="act act-main" href="#begin"><Plus :size="18" /> New</a>
      </div>
      <p v-if="last" class="slip mb-3 flex items-center gap-4 p-3" role="status">
        <span class="grow">“{{ last.name }}” is thrown away; it can be taken back for 30 days.</span>
        <button class="act" @click="takeBack(last.id)">Take it back</button>
      </p>
      <AskAgain v-if="back" :key="back.id" :project="back.id" :name="back.name" />
      <template v-if="isEmpty">
        <p class="mb-4 text-muted">Nothing is begun yet. This is how it goes:</p>
        <FirstSteps />
      </template>
      <p v-else-if="standing?.count === 0" class="slip mb-6 p-4 text-muted">
        {{
          shelf.text.value
            ? 'No project of that name is here.'
            : aside
              ? 'Nothing is set aside.'
              : 'Everything is set aside.'
        }}
      </p>
      <ul class="mb-4 grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <li v-for="p in standing?.projects" :key="p.id" class="flex">
          <ProjectCard
            :project="p"
            :busy="busy"
            @rename="(name) => shelf.rename(p, name)"
            @copy="shelf.copy(p)"
            @aside="shelf.setAside(p, !p.aside)"
            @throw-away="throwAway(p)"
          />
        </li>
      </ul>
      <p v-if="standing && standing.count > until - from" class="mb-4 flex items-center gap-3">
        <button class="act" :disabled="!from" @click="shelf.turn(-1)">Newer</button>
        <span class="text-muted">{{ from + 1 }} to {{ until }} of {{ standing.count }}</span>
        <button class="act" :disabled="until >= standing.count" @click="shelf.turn(1)">Older</button>
      </p>
      <details v-if="thrown?.length" class="slip mb-6 px-4 py-2">
        <summary class="min-h-8 cursor-pointer">Thrown away, still to be had: {{ thrown.length }}</summary>
        <ul class="divide-y divide-line">
          <li v-for="t in thrown" :key="t.id" class="flex items-center gap-3 py-1">
            <span class="grow"
              >{{ t.name }}<span class="block text-sm text-muted">on {{ inWords(t.updatedAt) }}</span></span
            >
            <button class="act" :aria-label="`Take back ${t.name}`" @click="takeBack(t.id)">
              Take it back
            </button>
          </li>
        </ul>
      </details>
      <BeginSlip
        :busy="trying"
        class="pt-4"
        @named="begin"
        @altered="alter"
        @example="example"
        @brought="bring"
      />
      <p v-if="trying" class="-mt-6 mb-8 text-muted" role="status">
        Taking trousers apart and laying dungarees on them …
      </p>
      <h2 class="mb-1 text-3xl">In the stash</h2>
      <p class="mb-4 text-muted">
        {{
          stash?.count
            ? `${stash.count} things wait for their turn; the newest are drawn here.`
            : 'It is empty yet. Garments, remnants, zips and buttons can be noted there, and found by their size.'
        }}
      </p>
      <ul class="mb-4 grid grid-cols-2 gap-3 sm:grid-cols-4 lg:grid-cols-6">
        <li v-for="t in newest" :key="t.id" class="flex">
          <ThingCard :thing="t" :across="scale(t)" :picked="false" @pick="router.push('/stash')" />
        </li>
      </ul>
      <div class="flex flex-wrap gap-3">
        <RouterLink class="act act-main" to="/stash">Open the stash</RouterLink>
        <RouterLink v-if="stash?.count" class="act" to="/ideas">What would it make?</RouterLink>
      </div>
      <UnitSlip />
      <ToolsSlip />
      <PracticeSlip />
    </main>
    <ProblemNote :problem="problem" @close="understood" />
  </div>
</template>
