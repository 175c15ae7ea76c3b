<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed, reactive } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'

/** A new neckline in front: its length, its band, its notch, and what to do before anything is cut. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const shapes = [
  { id: 'V', words: 'a V' },
  { id: 'ROUND', words: 'round' },
  { id: 'SQUARE', words: 'square' },
] as const
const empty = {
  name: '',
  shape: 'V' as Schemas['NecklineView']['shape'],
  width: '',
  depth: '',
  back: '',
  bandRest: '',
  bandDepth: '',
  bandStretch: '',
}
const form = reactive({ ...empty })
const necks = computed(() => project.workings.necklines)
const fields = [
  { id: 'width', label: 'neck point to neck point', name: 'neckline.width' },
  { id: 'depth', label: 'depth at the centre front', name: 'neckline.depth', hint: 'from that line down' },
  { id: 'back', label: 'back neckline, along its seam', name: 'neckline.back', hint: 'it stays as it is' },
  { id: 'bandRest', label: 'band or rib at rest', name: 'neckline.band.rest', hint: 'empty without a band' },
  { id: 'bandDepth', label: 'its depth, finished', name: 'neckline.band.depth' },
  { id: 'bandStretch', label: 'it may stretch by, %', name: 'neckline.band.stretch' },
] as const
async function add() {
  const body = { ...form }
  if (await change((params) => api.POST('/api/projects/{id}/workings/necklines', { params, body }))) {
    Object.assign(form, empty)
  }
}
function again(n: Schemas['NecklineView']) {
  Object.assign(form, empty, {
    name: n.name,
    shape: n.shape,
    width: n.width,
    depth: n.depth,
    back: n.back,
    bandRest: n.band?.rest ?? '',
    bandDepth: n.band?.depth ?? '',
    bandStretch: n.band?.stretch ?? '',
  })
}
const remove = (name: string) =>
  change(({ path, query }) =>
    api.DELETE('/api/projects/{id}/workings/necklines', { params: { path, query: { ...query, name } } }),
  )
</script>

<template>
  <div class="grid gap-3">
    <section v-for="n in necks" :key="n.name" class="border-b border-line pb-2">
      <h3 class="flex items-center gap-2 text-lg">
        <span class="grow first-letter:uppercase">{{ n.name }}</span>
        <button class="act !px-2" :aria-label="`Take ${n.name} out`" @click="remove(n.name)">
          <Trash2 :size="16" />
        </button>
      </h3>
      <p v-for="v in n.verdict" :key="v" class="text-[15px]" :class="n.serves ? '' : 'text-madder'">
        {{ v }}
      </p>
      <details>
        <summary class="min-h-8 cursor-pointer text-[15px]">Points to chalk, on each side alike</summary>
        <ol class="list-decimal pl-5 text-[15px]">
          <li v-for="c in n.chalkTexts" :key="c">{{ c }}</li>
        </ol>
      </details>
      <ol class="list-decimal pl-5 text-[15px] text-muted">
        <li v-for="o in n.order" :key="o">{{ o }}</li>
      </ol>
      <button class="text-sm underline decoration-line underline-offset-4" @click="again(n)">
        Change its figures
      </button>
    </section>
    <form class="grid gap-2" @submit.prevent="add">
      <h3 class="text-lg">A new neckline</h3>
      <PlainField v-model="form.name" label="Call it" name="neckline.name" />
      <ChoiceField v-model="form.shape" label="Its front is" :choices="[...shapes]" />
      <MeasureField
        v-for="f in fields"
        :key="f.id"
        :label="f.label"
        :value="form[f.id]"
        :name="f.name"
        :hint="'hint' in f ? f.hint : undefined"
        @settle="(t) => (form[f.id] = t)"
      />
      <button class="act act-main justify-self-start" :disabled="busy || !form.name.trim()">
        Work it out
      </button>
    </form>
  </div>
</template>
