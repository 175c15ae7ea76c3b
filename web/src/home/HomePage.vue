<script setup lang="ts">
import { Trash2, Upload } from '@lucide/vue'
import { useTitle } from '@vueuse/core'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '../api/client'
import { useAccount, useWaysIn } from '../account/useAccount'
import LampSwitch from '../ui/LampSwitch.vue'
import ProblemNote from '../ui/ProblemNote.vue'
import PracticeSlip from '../table/PracticeSlip.vue'
import ToolsSlip from '../table/ToolsSlip.vue'
import RemnantSlip from './RemnantSlip.vue'
import SourceCard from './SourceCard.vue'
import { useHousehold } from './useHousehold'

const { account } = useAccount()
const { signOut } = useWaysIn()
const household = useHousehold()
const { projects, stash, keepers, remnants, thrown, broken, problem } = household
useTitle('Household · Hand Down')
const router = useRouter()
const name = ref('')
const last = ref<{ id: string; name: string }>()
const picker = ref<HTMLInputElement>()

const open = (made: { id: string } | undefined) =>
  made && router.push({ name: 'project', params: { id: made.id } })
const begin = async () => open(await household.create(name.value))
async function bring(e: Event) {
  const input = e.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await open(await household.importFile(file))
  input.value = ''
}
async function throwAway(p: { id: string; name: string }) {
  await household.throwAway(p.id)
  last.value = p
}
async function takeBack(id: string) {
  await household.takeBack(id)
  last.value = undefined
}
const beginWith = async (id: string) => open(await household.beginWith(id))
const beside = ref<{ id: string; name: string }>()
const pairing = ref<{ names: string[]; view: Schemas['PairingView'] }>()
const verdicts = {
  COMPATIBLE: 'They go together.',
  WITH_MEASURES: 'They go together, with measures:',
  NO: 'They do not go together:',
} as const
const tone = { COMPATIBLE: 'text-good', WITH_MEASURES: 'text-stale', NO: 'text-madder' } as const
/** The first source picked waits for a second one. */
async function compare(source: { id: string; name: string }) {
  const first = beside.value
  if (!first || first.id === source.id) {
    beside.value = first ? undefined : source
    return
  }
  const view = await household.pair(first.id, source.id)
  if (view) pairing.value = { names: [first.name, source.name], view }
  beside.value = undefined
}
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center gap-4 border-b border-line bg-paper px-5 py-3">
      <span class="font-serif text-2xl text-madder">Hand Down</span>
      <span class="grow text-muted">{{ account?.household }}</span>
      <RouterLink class="act" to="/words">Words</RouterLink>
      <span class="text-muted">{{ account?.name }}</span>
      <button class="act" @click="signOut">Sign out</button>
      <LampSwitch />
    </header>
    <main class="mx-auto max-w-6xl p-5">
      <h1 class="mb-3 text-3xl">On the table</h1>
      <p v-if="last" class="slip mb-3 flex items-center gap-4 p-3" role="status">
        <span class="grow">“{{ last.name }}” is thrown away; it can be taken back for 30 days.</span>
        <button class="act" @click="takeBack(last.id)">Take it back</button>
      </p>
      <ul class="mb-6 grid gap-3 md:grid-cols-2">
        <li v-for="p in projects" :key="p.id" class="slip flex items-center gap-2 p-2">
          <RouterLink :to="{ name: 'project', params: { id: p.id } }" class="grow rounded p-2 hover:bg-table">
            <span class="block font-serif text-xl">{{ p.name }}</span>
            <span class="text-sm text-muted">last worked on {{ day(p.updatedAt) }}</span>
          </RouterLink>
          <button
            class="act !px-2"
            :aria-label="`Throw away ${p.name}`"
            title="Throw away"
            @click="throwAway(p)"
          >
            <Trash2 :size="18" />
          </button>
        </li>
        <li v-if="projects?.length === 0" class="slip p-4 text-muted">
          Nothing is begun yet. Give the new garment a name below, or bring a project file.
        </li>
      </ul>
      <form class="mb-10 flex flex-wrap items-end gap-3" @submit.prevent="begin">
        <label class="grow md:max-w-sm">
          <span class="text-sm text-muted">Name of a new project</span>
          <input v-model="name" class="field" maxlength="120" placeholder="Dungarees for …" />
        </label>
        <button class="act act-main" :disabled="!name.trim()">Begin</button>
        <button type="button" class="act" @click="picker?.click()">
          <Upload :size="18" /> Bring a project file
        </button>
        <input
          ref="picker"
          type="file"
          accept="application/json,.json"
          class="hidden"
          aria-label="Project file"
          @change="bring"
        />
      </form>
      <details v-if="thrown?.length" class="slip -mt-6 mb-10 px-4 py-2">
        <summary class="min-h-8 cursor-pointer">Thrown away, still to be had: {{ thrown.length }}</summary>
        <ul class="divide-y divide-line">
          <li v-for="t in thrown" :key="t.id" class="flex items-center gap-3 py-1">
            <span class="grow"
              >{{ t.name }}<span class="block text-sm text-muted">on {{ day(t.updatedAt) }}</span></span
            >
            <button class="act" :aria-label="`Take back ${t.name}`" @click="takeBack(t.id)">
              Take it back
            </button>
          </li>
        </ul>
      </details>
      <h2 class="mb-1 text-3xl">In the stash</h2>
      <p class="mb-4 text-muted">
        Sources that wait for their turn, drawn until somebody takes a photograph.
      </p>
      <div class="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
        <SourceCard
          v-for="s in stash"
          :key="s.id"
          :source="s"
          :beside="beside"
          @begin="beginWith(s.id)"
          @compare="compare(s)"
        />
      </div>
      <ul v-if="broken?.length" class="slip my-4 border-l-4 border-l-stale px-4 py-2">
        <li v-for="b in broken" :key="b.id" class="py-1">
          <b class="inline-block first-letter:uppercase">{{ b.what }}</b> lies there but cannot be read:
          {{ b.why }}
        </li>
      </ul>
      <p v-if="stash?.length === 0" class="slip p-4 text-muted">
        The stash is empty. Whatever you mean to take apart one day can be noted here.
      </p>
      <section v-if="pairing" class="slip mt-4 p-4" role="status">
        <h3 class="text-xl">{{ pairing.names.join(' with ') }}</h3>
        <p class="font-semibold" :class="tone[pairing.view.verdict]">{{ verdicts[pairing.view.verdict] }}</p>
        <ul>
          <li v-for="s in pairing.view.sentences" :key="s">{{ s }}</li>
        </ul>
      </section>
      <section v-if="keepers?.length" class="mt-8">
        <h2 class="mb-1 text-3xl">Keepers left over</h2>
        <ul class="slip divide-y divide-line px-4">
          <li v-for="k in keepers" :key="k.id" class="flex items-center gap-3 py-1">
            <span class="grow"
              ><span class="inline-block first-letter:uppercase">{{ k.name }}</span
              ><span class="block text-sm text-muted">{{
                [k.length, k.depth && `${k.depth} deep`, k.count && `${k.count} buttons`, k.from]
                  .filter(Boolean)
                  .join(', ')
              }}</span></span
            >
            <button
              class="act !px-2"
              :aria-label="`Throw away ${k.name}`"
              @click="household.throwAwayKeeper(k.id)"
            >
              <Trash2 :size="16" />
            </button>
          </li>
        </ul>
      </section>
      <RemnantSlip :remnants="remnants ?? []" @throw-away="household.throwAwayRemnant" />
      <ToolsSlip />
      <PracticeSlip />
    </main>
    <ProblemNote @close="problem = undefined" />
  </div>
</template>
