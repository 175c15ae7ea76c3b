<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { computed, reactive, ref } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'

/** Getting in and out: every closed ring against the part of the body that it must pass. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const overs = [
  { id: 'HEAD', words: 'the head' },
  { id: 'SHOULDERS', words: 'the shoulders' },
  { id: 'HIPS', words: 'the hips' },
  { id: 'HAND', words: 'the hand, thumb in' },
  { id: 'HEEL', words: 'heel and instep' },
] as const
const body = {
  HEAD: 'HEAD_GIRTH',
  SHOULDERS: '',
  HIPS: 'HIP',
  HAND: 'HAND_GIRTH',
  HEEL: 'HEEL_GIRTH',
} as const
/** What the aim knows of the wearer is filled in; the rest is measured. */
const girthOf = (over: keyof typeof body) => project.aim.measures.find((m) => m.id === body[over])?.text ?? ''
const blank = () => ({ what: 'cloth', length: '', stretch: '' })
const form = reactive({
  name: '',
  over: 'HIPS' as Schemas['PassageView']['over'],
  girth: girthOf('HIPS'),
  opens: '',
})
const layers = ref([blank()])
const rings = computed(() => project.workings.passages)
async function add() {
  const body = { ...form, layers: layers.value.map((l) => ({ ...l })) }
  if (await change((params) => api.POST('/api/projects/{id}/workings/passages', { params, body }))) {
    form.name = ''
    form.opens = ''
    layers.value = [blank()]
  }
}
function again(ring: Schemas['PassageView']) {
  Object.assign(form, { name: ring.name, over: ring.over, girth: ring.girth, opens: ring.opens })
  layers.value = ring.layers.map((l) => ({ ...l }))
}
/** Its source's own rings while it is a garment still, else those of what is cut out. */
const openings = computed(() => [...(project.source?.openings ?? []), ...project.putOn].filter((o) => o.over))
function fillIn(o: Schemas['PutOnView']) {
  Object.assign(form, {
    name: o.name,
    over: o.over,
    girth: o.body || girthOf(o.over ?? 'HIPS'),
    opens: o.opens,
  })
  layers.value = [{ what: 'its cloth', length: o.girth, stretch: o.stretch }]
}
const remove = (name: string) =>
  change(({ path, query }) =>
    api.DELETE('/api/projects/{id}/workings/passages', { params: { path, query: { ...query, name } } }),
  )
</script>

<template>
  <div class="grid gap-3">
    <section v-for="r in rings" :key="r.name" class="border-b border-line pb-2">
      <h3 class="flex items-center gap-2 text-lg">
        <span class="grow first-letter:uppercase">{{ r.name }}</span>
        <b class="text-[15px]" :class="r.passes ? 'text-good' : 'text-madder'">{{
          r.passes ? 'goes on' : 'too small'
        }}</b>
        <button class="act !px-2" :aria-label="`Take ${r.name} out`" @click="remove(r.name)">
          <Trash2 :size="16" />
        </button>
      </h3>
      <p class="text-[15px]">{{ r.sentence }}</p>
      <p v-for="h in r.helped" :key="h" class="text-[15px] text-good">It would open with the {{ h }}.</p>
      <button class="text-sm underline decoration-line underline-offset-4" @click="again(r)">
        Change its figures
      </button>
    </section>
    <form class="grid gap-2" @submit.prevent="add">
      <h3 class="text-lg">A ring that must go on</h3>
      <p v-if="openings.length" class="flex flex-wrap gap-2">
        <span class="w-full text-sm text-muted">Read off the garment:</span>
        <button v-for="o in openings" :key="o.name" type="button" class="act" @click="fillIn(o)">
          {{ o.name }}, {{ o.girth }}
        </button>
      </p>
      <PlainField v-model="form.name" label="Which ring: waist, neck, leg end" name="passage.name" />
      <ChoiceField
        v-model="form.over"
        label="Over"
        :choices="[...overs]"
        @change="form.girth = girthOf(form.over)"
      />
      <MeasureField
        label="the body there"
        :value="form.girth"
        name="passage.girth"
        @settle="(t) => (form.girth = t)"
      />
      <fieldset v-for="(l, i) in layers" :key="i" class="border-t border-line pt-2">
        <legend class="sr-only">Layer {{ i + 1 }}</legend>
        <PlainField
          v-model="l.what"
          :label="`Layer ${i + 1}: cloth, seam thread, elastic`"
          name="passage.layers.what"
        />
        <MeasureField
          label="round it, at rest"
          :value="l.length"
          name="passage.layers.length"
          @settle="(t) => (l.length = t)"
        />
        <MeasureField
          label="stretches by, %"
          :value="l.stretch"
          name="passage.layers.stretch"
          hint="a plain straight stitch gives nothing"
          @settle="(t) => (l.stretch = t)"
        />
      </fieldset>
      <button type="button" class="act justify-self-start" @click="layers.push(blank())">
        <Plus :size="16" /> Another layer of this ring
      </button>
      <MeasureField
        label="opened by a slit, zip or placket"
        :value="form.opens"
        name="passage.opens"
        @settle="(t) => (form.opens = t)"
      />
      <button class="act act-main justify-self-start" :disabled="busy || !form.name.trim()">
        Does it go on?
      </button>
    </form>
  </div>
</template>
