<script setup lang="ts">
import { Camera, Copy, Lightbulb, Pencil, Play, Printer, Trash2, Undo2, X } from '@lucide/vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, take, type Schemas } from '../api/client'
import { sending } from '../api/useAttempt'
import { projectKeys } from '../project/useProject'
import ChoiceField from '../ui/ChoiceField.vue'
import ComplaintNote from '../ui/ComplaintNote.vue'
import ThingDrawing from './ThingDrawing.vue'
import ThingForm from './ThingForm.vue'
import type { Stash, Thing, ThingBody } from './useStash'

/** One thing of the stash: what is known of it, its photographs, for which projects it is kept, and what may be done with it. */
const { thing, stash } = defineProps<{ thing: Thing; stash: Stash }>()
const emit = defineEmits<{ close: []; picked: [id: string]; gone: [thing: Thing]; beside: [thing: Thing] }>()
const router = useRouter()
const isCloth = computed(() => thing.kind !== 'KEEPER' && thing.kind !== 'NOTION')
const one = ref<Schemas['OneThing']>()
const editing = ref(false)
const load = async () => (one.value = await stash.one(thing.id))
watch(
  () => [thing.id, thing.name, thing.free, thing.holds.length],
  () => void load(),
  { immediate: true },
)
watch(
  () => thing.id,
  () => (editing.value = false),
)
async function keep(body: ThingBody) {
  const kept = one.value && (await stash.change(thing.id, one.value.form.version, body))
  if (kept) {
    one.value = kept
    editing.value = false
  }
}
async function undo() {
  one.value = (await stash.undo(thing.id)) ?? one.value
}
async function another() {
  const made = await stash.another(thing.id)
  if (made) emit('picked', made.id)
}
async function begin() {
  const made = await stash.begin(thing.id)
  if (made) void router.push({ name: 'project', params: { id: made.id } })
}

const { data: photos, refetch } = useQuery(
  computed(() => ({
    queryKey: ['stash', thing.id, 'photos'],
    queryFn: () => take(api.GET('/api/stash/{id}/photos', { params: { path: { id: thing.id } } })),
  })),
)
const picker = ref<HTMLInputElement>()
async function photograph(e: Event) {
  const input = e.target as HTMLInputElement
  for (const file of input.files ?? []) {
    if (!(await stash.photograph(thing.id, file))) break
  }
  input.value = ''
  await refetch()
}
async function drop(photo: string) {
  await take(api.DELETE('/api/stash/{id}/photos/{photo}', { params: { path: { id: thing.id, photo } } }))
  await refetch()
}

const { data: projects } = useQuery({
  queryKey: projectKeys.all,
  queryFn: () => take(api.GET('/api/projects')),
})
const project = ref('')
const amount = ref('')
function hold(as: 'RESERVED' | 'WISHED') {
  const by = project.value
  if (by) void sending(amount, (text) => stash.hold(thing.id, by, text, as))
}
</script>

<template>
  <section class="slip grid gap-4 p-4" :aria-label="thing.name">
    <div class="flex items-start gap-2">
      <h2 class="min-w-0 grow text-2xl break-words">{{ thing.name }}</h2>
      <span class="pt-1 text-lg text-muted tabular-nums">{{ thing.code }}</span>
      <button class="act !px-2" aria-label="Close" @click="emit('close')"><X :size="18" /></button>
    </div>
    <ThingForm
      v-if="editing && one"
      :key="thing.id + one.form.version"
      :one="one"
      :busy="stash.busy.value"
      @store="keep"
      @leave="editing = false"
    />
    <template v-else>
      <div class="mx-auto w-full max-w-56"><ThingDrawing :thing="thing" :across="0" /></div>
      <ul class="text-[15px]">
        <li class="first-letter:uppercase">{{ thing.kindWords }}</li>
        <li v-for="f in thing.facts" :key="f" class="first-letter:uppercase">{{ f }}</li>
        <li v-if="thing.cloth">{{ thing.cloth.name }}, {{ thing.cloth.weave.toLowerCase() }}</li>
        <li>{{ thing.tag.place ? `In: ${thing.tag.place}` : 'Nobody said where it lies.' }}</li>
        <li>
          {{ thing.tag.washed ? 'Washed since it came' : 'Not washed yet' }}, {{ thing.tag.missedWords }}
        </li>
        <li v-if="thing.tag.note">May become: {{ thing.tag.note }}</li>
        <li v-if="thing.tag.cost">Cost: {{ thing.tag.cost }}</li>
        <li v-if="thing.descent" class="text-muted">From {{ thing.descent }}</li>
      </ul>
      <div class="flex flex-wrap gap-2">
        <button v-if="isCloth" class="act act-main" :disabled="!thing.isFree" @click="begin">
          <Play :size="16" /> Begin with it
        </button>
        <RouterLink v-if="isCloth" class="act" :to="{ name: 'ideas', query: { source: thing.id } }"
          ><Lightbulb :size="16" /> What would it make?</RouterLink
        >
        <button class="act" @click="editing = true"><Pencil :size="16" /> Change</button>
        <button v-if="one?.form.canUndo" class="act" @click="undo"><Undo2 :size="16" /> As it was</button>
        <button class="act" @click="another"><Copy :size="16" /> One like it</button>
        <button v-if="thing.kind === 'SOURCE'" class="act" @click="emit('beside', thing)">
          Beside another
        </button>
        <a class="act" :href="`/api/stash/labels.pdf?things=${thing.id}`" target="_blank"
          ><Printer :size="16" /> Label</a
        >
        <button class="act" @click="emit('gone', thing)"><Trash2 :size="16" /> Throw away</button>
      </div>
      <section class="grid gap-2">
        <h3 class="text-lg">Photographs</h3>
        <ul class="grid grid-cols-3 gap-2">
          <li v-for="p in photos?.photos ?? []" :key="p" class="relative">
            <img
              :src="`/api/stash/${thing.id}/photos/${p}`"
              :alt="`Photograph of ${thing.name}`"
              class="aspect-square w-full rounded object-cover"
              loading="lazy"
            />
            <button
              class="act absolute top-1 right-1 !min-h-8 !px-2"
              aria-label="Take the photograph away"
              @click="drop(p)"
            >
              <X :size="16" />
            </button>
          </li>
        </ul>
        <button class="act justify-self-start" :disabled="stash.busy.value" @click="picker?.click()">
          <Camera :size="16" /> Add a photograph
        </button>
        <input
          ref="picker"
          type="file"
          accept="image/jpeg,image/png"
          multiple
          class="hidden"
          aria-label="Photographs"
          @change="photograph"
        />
      </section>
      <section class="grid gap-2">
        <h3 class="text-lg">Kept for</h3>
        <p v-if="!thing.holds.length" class="text-muted">Nobody yet: it is free.</p>
        <ul>
          <li v-for="h in thing.holds" :key="h.name" class="flex items-center gap-2 py-1">
            <span class="grow"
              ><span class="text-stale">{{ h.words }}</span> for {{ h.name
              }}<template v-if="h.amount">: {{ h.amount }}</template></span
            >
            <button v-if="h.project" class="act" @click="stash.release(thing.id, h.project)">Let go</button>
          </li>
        </ul>
        <form v-if="projects?.length" class="grid gap-2" @submit.prevent="hold('RESERVED')">
          <ChoiceField
            v-model="project"
            label="For a project"
            empty="which one?"
            :choices="projects.map((p) => ({ id: p.id, words: p.name }))"
          />
          <label v-if="thing.stock" class="text-sm text-muted"
            >How much of {{ thing.free }}
            <input v-model="amount" class="field" placeholder="all that is free" />
          </label>
          <div class="flex flex-wrap gap-2">
            <button class="act" :disabled="!project || stash.busy.value">Reserve it</button>
            <button type="button" class="act" :disabled="!project" @click="hold('WISHED')">
              Only wish for it
            </button>
          </div>
        </form>
        <p v-else class="text-sm text-muted">Begin a project first; then it can be reserved.</p>
        <ComplaintNote :of="['hold', 'thing']" />
      </section>
    </template>
  </section>
</template>
