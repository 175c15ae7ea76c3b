<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import CoincidenceSheet from './CoincidenceSheet.vue'
import ButtonRow from './ButtonRow.vue'

/** What the design wants finished, what the source has that serves, and why the rest does not. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const keep = computed(() => project.keep)
const free = computed(() => keep.value.keepers.filter((k) => !k.used))
const plackets = computed(() => keep.value.keepers.filter((k) => k.edge && k.count > 0))
const roles = [
  { id: 'POCKET', words: 'pocket' },
  { id: 'TIE', words: 'tie or strap' },
  { id: 'CORD', words: 'cord' },
  { id: 'TRIM', words: 'trim' },
  { id: 'CLOSURE', words: 'closure' },
  { id: 'WAISTBAND', words: 'waistband' },
  { id: 'NECKBAND', words: 'neckband' },
  { id: 'CUFF', words: 'cuff' },
  { id: 'HEM', words: 'hem' },
] as const
const want = reactive({
  name: '',
  role: 'POCKET' as Schemas['WishView']['role'],
  length: '',
  stretchesTo: '',
  leastDepth: '',
  mostDepth: '',
})
const lengths = [
  { id: 'length', label: 'length' },
  { id: 'stretchesTo', label: 'must stretch to', hint: 'empty where it need not' },
  { id: 'leastDepth', label: 'depth at least' },
  { id: 'mostDepth', label: 'depth at most' },
] as const
async function add() {
  if (await change((params) => api.POST('/api/projects/{id}/pieces/wants', { params, body: { ...want } })))
    Object.assign(want, { name: '', length: '', stretchesTo: '', leastDepth: '', mostDepth: '' })
}
const remove = (id: string) =>
  change(({ path, query }) =>
    api.DELETE('/api/projects/{id}/pieces/wants/{want}', { params: { path: { ...path, want: id }, query } }),
  )
const queries = useQueryClient()
const stashed = ref<number>()
/** When the garment is done, what is left over waits for the next one. */
async function toStash() {
  const kept = await take(
    api.POST('/api/stash/keepers/from/{project}', { params: { path: { project: project.id } } }),
  )
  stashed.value = kept.kept
  await queries.invalidateQueries({ queryKey: ['stash', 'keepers'] })
}
const rounded = (m: number) => Math.round(m * 10) / 10
</script>

<template>
  <div class="grid gap-4">
    <p v-if="keep.wants.length">
      Keepers save about <b>{{ Math.round(keep.savedMinutes) }} min</b> of making anew.
    </p>
    <p v-else class="text-muted">
      Nothing finished is wanted yet: let an edge of a piece lie on an old hem, or ask for a thing below.
    </p>
    <section v-for="w in keep.wants" :key="w.id" class="border-t border-line pt-2">
      <div class="flex items-center gap-2">
        <h3 class="grow text-lg first-letter:uppercase">{{ w.name }}</h3>
        <span class="whitespace-nowrap text-muted">{{ w.length }}</span>
        <button v-if="w.byHand" class="act !px-2" :aria-label="`Forget ${w.name}`" @click="remove(w.id)">
          <Trash2 :size="16" />
        </button>
      </div>
      <template v-if="w.use">
        <p class="text-good">
          <b>{{ w.use.keepers.join(' and ') }}</b>
          <span class="text-muted"
            >: saves {{ rounded(w.use.saves) }} min<template v-if="w.use.costs >= 0.5"
              >, takes {{ rounded(w.use.costs) }}</template
            ></span
          >
        </p>
        <p v-for="n in w.use.notes" :key="n" class="text-sm text-muted">{{ n }}</p>
      </template>
      <p v-else class="text-stale">No keeper serves; it is made anew.</p>
      <details v-if="w.refusals.length" class="text-sm text-muted">
        <summary class="min-h-7 cursor-pointer">Why not the others</summary>
        <p v-for="r in w.refusals" :key="r">{{ r }}.</p>
      </details>
    </section>
    <form v-if="project.aim.cutOut" class="grid gap-2 border-t border-line pt-3" @submit.prevent="add">
      <h3 class="text-lg">Something else wanted</h3>
      <PlainField v-model="want.name" label="Call it" name="want.name" />
      <ChoiceField v-model="want.role" label="It is a" :choices="[...roles]" />
      <MeasureField
        v-for="l in lengths"
        :key="l.id"
        :label="l.label"
        :value="want[l.id]"
        :name="'want.' + l.id"
        :hint="'hint' in l ? l.hint : undefined"
        @settle="(t) => (want[l.id] = t)"
      />
      <button class="act" :disabled="busy || !want.name.trim() || !want.length">Look for a keeper</button>
    </form>
    <ButtonRow v-for="p in plackets" :key="p.id" :project="project" :keeper="p" />
    <CoincidenceSheet :project="project" />
    <section v-if="keep.finish.length">
      <h3 class="text-lg">New seams that show</h3>
      <p v-for="f in keep.finish" :key="f" class="text-[15px]">{{ f }}</p>
    </section>
    <details v-if="free.length">
      <summary class="min-h-8 cursor-pointer text-lg">Keepers left for the stash ({{ free.length }})</summary>
      <ul>
        <li v-for="k in free" :key="k.id" class="border-t border-line py-1">
          <span class="first-letter:uppercase">{{ k.name }}</span><span class="block text-sm text-muted">{{
            [k.length, k.depth && `${k.depth} deep`, k.stretched && `stretches to ${k.stretched}`, k.hold]
              .filter(Boolean)
              .join(', ')
          }}</span>
        </li>
      </ul>
      <button class="act mt-2" :disabled="busy || stashed !== undefined" @click="toStash">
        Put them into the stash
      </button>
      <p v-if="stashed !== undefined" class="mt-1 text-good" role="status">
        {{ stashed }} keepers lie in the stash.
      </p>
    </details>
  </div>
</template>
