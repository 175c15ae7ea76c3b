<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import PlainField from '../ui/PlainField.vue'
import SheetStripes from './SheetStripes.vue'

/** What the garment is made of beside this source: brought out of the stash, each cloth with what is cut from it. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy, turnTo } = useHand()
const queries = useQueryClient()
const { attempt } = useAttempt()
type Role = Schemas['RoleView']['role']
type Found = Schemas['ThingView']

async function stashChanged<T>(done: Promise<T>): Promise<T> {
  const came = await done
  await queries.invalidateQueries({ queryKey: ['stash'] })
  return came
}
function serve(mark: string, role: Role, on: boolean) {
  const cloth = project.cloths.find((c) => c.mark === mark)
  const roles = [...(cloth?.roles ?? []).filter((r) => r !== role), ...(on ? [role] : [])]
  return change((params) =>
    mark
      ? api.PUT('/api/projects/{id}/cloths/{mark}', {
          params: { ...params, path: { ...params.path, mark } },
          body: { roles },
        })
      : api.PUT('/api/projects/{id}/cloths/own', { params, body: { roles } }),
  )
}
async function takeOut(mark: string) {
  if (project.inHand === mark) await turnTo('')
  await stashChanged(
    change((params) =>
      api.DELETE('/api/projects/{id}/cloths/{mark}', {
        params: { ...params, path: { ...params.path, mark } },
      }),
    ),
  )
}

// Looking for something to bring
const text = ref('')
const found = ref<Found[]>()
const picked = ref<Found>()
const amount = ref('')
async function look() {
  picked.value = undefined
  const answer = await attempt(() =>
    take(api.POST('/api/stash/search', { body: { text: text.value, place: '', from: 0, size: {} } })),
  )
  found.value = answer?.things.filter((t) => t.kind !== 'NOTION' && !isHere(t)).slice(0, 12)
}
const isHere = (t: Found) => project.cloths.some((c) => c.thing === t.id)
const isParted = (t: Found) => t.kind === 'LENGTH' || t.kind === 'KEEPER'
const lacking = computed(() => project.roles.filter((r) => r.pieces > 0 && !served(r.role)))
const served = (role: Role) => project.cloths.some((c) => c.roles.includes(role))
async function bring(t: Found, role?: Role) {
  const brought = await stashChanged(
    change((params) =>
      api.POST('/api/projects/{id}/cloths', {
        params,
        body: { thing: t.id, amount: amount.value, roles: role ? [role] : undefined },
      }),
    ),
  )
  if (!brought) return
  picked.value = undefined
  found.value = undefined
  amount.value = ''
}
const wanting = ref<Role>('CONTRAST')
function pick(t: Found) {
  picked.value = t
  amount.value = ''
  wanting.value = lacking.value[0]?.role ?? 'CONTRAST'
}
const words = (role: Role) => project.roles.find((r) => r.role === role)?.words ?? role
const asking = (role: Role) => {
  const pieces = project.roles.find((r) => r.role === role)?.pieces ?? 0
  return pieces ? `${String(pieces)} piece${pieces === 1 ? '' : 's'}` : ''
}
</script>

<template>
  <div class="grid gap-3">
    <p class="text-sm text-muted">
      A second garment, a remnant, a metre of lining, a zip out of the box: whatever is brought lies on the
      same table. Pieces ask for a cloth by what it is for; on Pieces, under Changes, “cut otherwise” lets one
      ask for another.
    </p>
    <ul class="grid gap-3">
      <li v-for="c in project.cloths" :key="c.mark" class="border-t border-line pt-2">
        <div class="flex items-start gap-2">
          <span
            v-if="c.colour"
            class="mt-1 size-4 shrink-0 rounded-sm border border-line"
            :style="{ background: c.colour }"
            aria-hidden="true"
          />
          <span class="grow"
            ><b>{{ c.name }}</b
            ><span v-if="!c.mark" class="text-muted">, the first source</span
            ><span class="block text-sm text-muted">{{
              [c.cloth !== c.name && c.cloth, c.sentence].filter(Boolean).join('; ')
            }}</span></span
          >
          <button
            v-if="c.mark"
            class="act !min-h-8 whitespace-nowrap"
            :disabled="busy"
            :aria-label="`Take out ${c.name}`"
            @click="takeOut(c.mark)"
          >
            Take out
          </button>
        </div>
        <details v-if="c.kind !== 'KEEPER'" :open="c.roles.length === 0">
          <summary class="min-h-8 cursor-pointer text-sm">
            Cut from it: {{ c.roles.length ? c.roles.map(words).join(', ') : 'nothing yet' }}
          </summary>
          <div class="grid grid-cols-2 gap-x-3">
            <label
              v-for="r in project.roles"
              :key="r.role"
              class="flex min-h-8 items-center gap-2 text-[15px]"
            >
              <input
                type="checkbox"
                :checked="c.roles.includes(r.role)"
                :disabled="busy"
                @change="(e) => serve(c.mark, r.role, (e.target as HTMLInputElement).checked)"
              />
              {{ r.words }}<span v-if="r.pieces" class="text-sm text-muted">{{ asking(r.role) }}</span>
            </label>
          </div>
        </details>
        <SheetStripes v-if="c.kind === 'SHEET'" :cloth="c" />
      </li>
    </ul>
    <p v-for="r in lacking" :key="r.role" class="text-stale" role="status">
      {{ asking(r.role) }} ask{{ r.pieces === 1 ? 's' : '' }} for {{ r.words }}: bring one, or buy it.
    </p>
    <form class="grid gap-2 border-t border-line pt-3" novalidate @submit.prevent="look">
      <h3 class="text-lg">Bring something</h3>
      <PlainField v-model="text" label="Name, code or place; empty for the newest" name="stash.text" />
      <button class="act" :disabled="busy">Look in the stash</button>
    </form>
    <p v-if="found && !found.length" class="text-muted" role="status">Nothing like that lies in the stash.</p>
    <p class="text-sm">
      <RouterLink class="underline" to="/stash">Put something into the stash first</RouterLink>
    </p>
    <ul v-if="found?.length" class="grid gap-1">
      <li v-for="t in found" :key="t.id" class="border-t border-line py-1">
        <button
          type="button"
          class="flex w-full items-center gap-2 text-left"
          :aria-expanded="picked?.id === t.id"
          @click="pick(t)"
        >
          <span
            v-if="t.cloth"
            class="size-4 shrink-0 rounded-sm border border-line"
            :style="{ background: t.cloth.colour }"
            aria-hidden="true"
          /><span class="grow"
            >{{ t.name
            }}<span class="block text-sm text-muted">{{ t.facts.slice(0, 3).join(', ') }}</span></span
          ><span class="text-sm text-muted">{{ t.code }}</span>
        </button>
        <form
          v-if="picked?.id === t.id"
          class="my-2 grid gap-2"
          novalidate
          @submit.prevent="bring(t, wanting)"
        >
          <PlainField
            v-if="isParted(t)"
            v-model="amount"
            :label="
              t.kind === 'LENGTH'
                ? 'How much of it; empty for all that is free'
                : 'How many or how much; empty for all'
            "
            name="amount"
          />
          <ChoiceField
            v-if="t.kind !== 'KEEPER'"
            v-model="wanting"
            label="It serves as"
            :choices="project.roles.map((r) => ({ id: r.role, words: r.words }))"
          />
          <button class="act act-main" :disabled="busy">Bring it: reserved for this project</button>
        </form>
      </li>
    </ul>
    <section v-if="project.meetings.length" class="border-t border-line pt-3">
      <h3 class="text-lg">Where cloths meet</h3>
      <div v-for="m in project.meetings" :key="m.one + m.other" class="mt-1">
        <b>{{ m.one }}</b> and <b>{{ m.other }}</b><span class="block text-sm text-muted">{{
          m.seams.join(', ')
        }}</span>
        <p v-for="s in m.sentences" :key="s" class="text-[15px]">{{ s }}</p>
        <p v-if="!m.sentences.length" class="text-[15px]">They go together as they are.</p>
      </div>
    </section>
  </div>
</template>
