<script setup lang="ts">
import { Trash2, Upload } from '@lucide/vue'
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useAccount, useWaysIn } from '../account/useAccount'
import LampSwitch from '../ui/LampSwitch.vue'
import ProblemNote from '../ui/ProblemNote.vue'
import PracticeSlip from '../table/PracticeSlip.vue'
import ToolsSlip from '../table/ToolsSlip.vue'
import AskAgain from '../stash/AskAgain.vue'
import ThingCard from '../stash/ThingCard.vue'
import { useScale } from '../stash/useScale'
import { useHousehold } from './useHousehold'

const { account } = useAccount()
const { signOut } = useWaysIn()
const household = useHousehold()
const { projects, stash, thrown, problem } = household
const NEWEST = 6
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
const back = ref<{ id: string; name: string }>()
async function takeBack(id: string) {
  const taken = last.value?.id === id ? last.value : thrown.value?.find((t) => t.id === id)
  await household.takeBack(id)
  back.value = taken && { id, name: taken.name }
  last.value = undefined
}
const newest = computed(() => stash.value?.things.slice(0, NEWEST) ?? [])
const scale = useScale(newest)
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })
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
      <h1 class="mb-3 text-3xl">On the table</h1>
      <p v-if="last" class="slip mb-3 flex items-center gap-4 p-3" role="status">
        <span class="grow">“{{ last.name }}” is thrown away; it can be taken back for 30 days.</span>
        <button class="act" @click="takeBack(last.id)">Take it back</button>
      </p>
      <AskAgain v-if="back" :key="back.id" :project="back.id" :name="back.name" />
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
      <ToolsSlip />
      <PracticeSlip />
    </main>
    <ProblemNote @close="problem = undefined" />
  </div>
</template>
