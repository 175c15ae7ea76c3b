<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useUnit } from '../account/useAccount'
import type { Schemas } from '../api/client'
import { inWords } from '../ui/days'
import ChoiceField from '../ui/ChoiceField.vue'
import LampSwitch from '../ui/LampSwitch.vue'
import PlainField from '../ui/PlainField.vue'
import { provideProblem } from '../ui/problem'
import ProblemNote from '../ui/ProblemNote.vue'
import DayForm from './DayForm.vue'
import GrowthLine from './GrowthLine.vue'
import { useWearers, type Person, type Reading } from './useWearers'

/** Whom the household makes things for: measured once, and asked for no figure again. */
useTitle('Wearers · Hand Down')
const route = useRoute()
const router = useRouter()
const at = computed(() => (typeof route.query.who === 'string' ? route.query.who : ''))
const wearers = useWearers(at)
const { people, one, thrown, problem, busy } = wearers
provideProblem(problem)
type Unit = Person['unit']
const units: { id: Unit; words: string }[] = [
  { id: 'CM', words: 'centimetres' },
  { id: 'INCH', words: 'inches' },
  { id: 'MM', words: 'millimetres' },
]
const fresh = reactive({ name: '', unit: useUnit().value as Unit })
const edited = reactive({ name: '', unit: 'CM' as Unit })
watch(
  () => one.value?.person,
  (p) => p && Object.assign(edited, { name: p.name, unit: p.unit }),
  { immediate: true },
)
const show = (id: string) => router.replace({ query: { who: id || undefined } })
const isMeasuring = ref(false)
watch(at, () => (isMeasuring.value = false))

async function enter(name: string, unit: Unit) {
  const made = await wearers.enter(name, unit)
  if (!made) return
  fresh.name = ''
  await show(made.id)
  isMeasuring.value = true
}
async function measured(day: Schemas['DayRequest']) {
  if (await wearers.measure(day)) isMeasuring.value = false
}
const picker = ref<HTMLInputElement>()
async function bring(e: Event) {
  const input = e.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await wearers.bring(await file.text())
  input.value = ''
}
const gone = ref<{ id: string; name: string }>()
async function throwAway(p: Person) {
  await wearers.throwAway()
  if (problem.value) return
  gone.value = { id: p.id, name: p.name }
  await show('')
}
async function takeBack(id: string) {
  await wearers.takeBack(id)
  if (problem.value) return
  gone.value = undefined
  await show(id)
}
const struck = ref<{ reading: Reading; words: string }>()
async function strike(reading: Reading, words: string) {
  if (await wearers.strike(reading.id)) struck.value = { reading, words }
}
async function putBack() {
  if (struck.value && (await wearers.putBack(struck.value.reading.id))) struck.value = undefined
}
const lines = computed(() => one.value?.lines.filter((l) => l.readings.length) ?? [])
const grown = ref('')
/** The line that is drawn: the one asked for, or the one with the most days. */
const drawn = computed(
  () =>
    lines.value.find((l) => l.measure === grown.value) ??
    [...lines.value].sort((a, b) => b.readings.length - a.readings.length)[0],
)
const newest = (readings: Reading[]) => [...readings].reverse()
const ways: Record<string, string> = {
  TAPE: 'by tape',
  GARMENT: 'off a garment',
  PRINTED: 'as told',
  EYE: 'by eye',
}
const how = (r: Reading) =>
  [
    inWords(r.on),
    ways[r.origin],
    r.by && `by ${r.by}`,
    r.project && `in “${r.project}”`,
    r.again && `${r.again} the second time`,
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center gap-4 border-b border-line bg-paper px-5 py-3">
      <RouterLink to="/" class="font-serif text-2xl text-madder" title="Back to the household"
        >Hand Down</RouterLink
      >
      <span class="grow" />
      <button class="act" @click="picker?.click()">Bring a file</button>
      <input
        ref="picker"
        type="file"
        accept="application/json,.json"
        class="hidden"
        aria-label="File of people"
        @change="bring"
      />
      <a v-if="people?.length" class="act" href="/api/wearers/people.json" download="people.json"
        >As a file</a
      >
      <RouterLink class="act" to="/ideas">What would it make?</RouterLink>
      <LampSwitch />
    </header>
    <main class="mx-auto max-w-6xl p-5">
      <h1 class="mb-1 text-3xl">Wearers</h1>
      <p class="mb-4 max-w-3xl text-muted">
        Whoever is measured here is known at every project, and a project says when it was drafted from
        smaller figures. What is measured at a project is written here too.
      </p>
      <p v-if="gone" class="slip mb-3 flex items-center gap-4 p-3" role="status">
        <span class="grow">{{ gone.name }} is taken out; their projects keep their measures.</span>
        <button class="act" @click="takeBack(gone.id)">Take back</button>
      </p>
      <div class="grid items-start gap-5 lg:grid-cols-[18rem_1fr]">
        <section aria-label="People">
          <ul class="mb-4 grid gap-2">
            <li v-for="p in people" :key="p.id || p.name" class="slip flex items-center gap-2 p-2">
              <button
                v-if="p.id"
                class="grow rounded p-2 text-left hover:bg-table"
                :class="p.id === at ? 'border-l-4 border-madder pl-3' : ''"
                :aria-current="p.id === at || undefined"
                @click="show(p.id)"
              >
                <span class="block font-serif text-lg">{{ p.name }}</span>
                <span class="text-sm text-muted"
                  >{{ p.height || 'not measured yet'
                  }}<template v-if="p.last">, {{ inWords(p.last) }}</template></span
                >
              </button>
              <template v-else>
                <span class="grow p-2">
                  <span class="block font-serif text-lg">{{ p.name }}</span>
                  <span class="text-sm text-muted">{{ p.height }}, known from “{{ p.project }}” only</span>
                </span>
                <button class="act" :aria-label="`Keep ${p.name}`" @click="enter(p.name, p.unit)">
                  Keep
                </button>
              </template>
            </li>
            <li v-if="people?.length === 0" class="slip p-4 text-muted">
              Nobody is measured yet. Write a name below: a height alone is enough to begin with.
            </li>
          </ul>
          <form class="slip grid gap-3 p-4" novalidate @submit.prevent="enter(fresh.name, fresh.unit)">
            <PlainField v-model="fresh.name" label="Somebody new" name="name" />
            <ChoiceField v-model="fresh.unit" label="Lengths in" :choices="units" />
            <button class="act act-main" :disabled="busy || !fresh.name.trim()">Put in</button>
          </form>
          <details v-if="thrown?.length" class="slip mt-4 px-4 py-2">
            <summary class="min-h-8 cursor-pointer">Taken out: {{ thrown.length }}</summary>
            <p v-for="t in thrown" :key="t.id" class="flex items-center gap-3 py-1">
              <span class="grow">{{ t.name }}</span>
              <button class="act" :aria-label="`Take back ${t.name}`" @click="takeBack(t.id)">
                Take back
              </button>
            </p>
          </details>
        </section>
        <section v-if="one && at" class="slip grid gap-5 p-5" :aria-label="one.person.name">
          <form
            class="grid items-end gap-3 sm:grid-cols-[1fr_12rem_auto]"
            novalidate
            @submit.prevent="wearers.rename(edited.name, edited.unit)"
          >
            <PlainField v-model="edited.name" label="Called" name="name" />
            <ChoiceField
              v-model="edited.unit"
              label="Lengths in"
              :choices="units"
              @change="wearers.rename(edited.name, edited.unit)"
            />
            <button class="act" :disabled="edited.name === one.person.name">Rename</button>
          </form>
          <template v-if="isMeasuring || !lines.length">
            <h2 class="text-2xl">Measured</h2>
            <DayForm
              :key="one.person.id"
              :lines="one.lines"
              :person="one.person"
              :busy="busy"
              @measured="measured"
            />
            <button v-if="lines.length" class="act justify-self-start" @click="isMeasuring = false">
              Nothing after all
            </button>
          </template>
          <template v-else>
            <div v-if="drawn">
              <h2 class="text-2xl first-letter:uppercase">{{ drawn.words }}</h2>
              <p class="text-muted">
                {{
                  drawn.grows ||
                  (drawn.readings.length > 1
                    ? 'Two readings at least 30 days apart tell how it grows.'
                    : 'Measured once; the next time it becomes a line.')
                }}
              </p>
              <GrowthLine :line="drawn" />
            </div>
            <p
              v-if="struck"
              class="flex items-center gap-4 border-l-4 border-madder bg-table p-3"
              role="status"
            >
              <span class="grow">{{ struck.words }} {{ struck.reading.text }} is struck out.</span>
              <button class="act" @click="putBack">Put it back</button>
            </p>
            <div class="flex flex-wrap gap-3">
              <button class="act act-main" @click="isMeasuring = true">Measure anew</button>
              <RouterLink class="act" :to="{ name: 'ideas', query: { wearer: one.person.name } }"
                >What could be made for {{ one.person.name }}?</RouterLink
              >
            </div>
            <ul class="divide-y divide-line">
              <li v-for="l in lines" :key="l.measure" class="py-2">
                <details :open="l.readings.length < 3 && lines.length < 5">
                  <summary class="flex min-h-9 flex-wrap items-baseline gap-x-3">
                    <b class="grow first-letter:uppercase">{{ l.words }}</b>
                    <span v-if="l.grows" class="text-sm text-muted">{{ l.grows }}</span>
                    <span class="font-semibold">{{ l.readings[l.readings.length - 1]?.text }}</span>
                  </summary>
                  <ul class="text-[15px]">
                    <li v-for="r in newest(l.readings)" :key="r.id" class="flex items-center gap-3">
                      <span class="w-24 shrink-0">{{ r.text }}</span>
                      <span class="grow text-muted">{{ how(r) }}</span>
                      <button
                        class="act !min-h-0"
                        :aria-label="`Strike out ${l.words} ${r.text}`"
                        @click="strike(r, l.words)"
                      >
                        Strike out
                      </button>
                    </li>
                  </ul>
                  <button
                    v-if="l.readings.length > 1 && l !== drawn"
                    class="act mt-1"
                    @click="grown = l.measure"
                  >
                    Draw its line
                  </button>
                </details>
              </li>
            </ul>
          </template>
          <button class="act justify-self-start" @click="throwAway(one.person)">
            Take {{ one.person.name }} out
          </button>
        </section>
      </div>
    </main>
    <ProblemNote :problem="problem" @close="problem = undefined" />
  </div>
</template>
