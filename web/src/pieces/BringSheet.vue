<script setup lang="ts">
import { useAttempt } from '../api/useAttempt'
import ComplaintNote from '../ui/ComplaintNote.vue'
import { reactive, ref } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import DrawingFileField from '../drawing/DrawingFileField.vue'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'
import { cloths } from './changes'
import { apart, recall, remember, said, type Tag } from './tags'

/** Pieces from an SVG or DXF drawing: what each line means is asked, never guessed, and remembered by its name. */
const { project } = defineProps<{ project: ProjectView }>()
const emit = defineEmits<{ brought: [] }>()
const { change, busy } = useHand()
const found = ref<(Schemas['FoundView'] & { tag: Tag; wanted: boolean })[]>([])
const known = reactive({ index: '0', across: true, length: '' })
const panel = ref('')
const { problem, attempt } = useAttempt()
async function read(outlines: Schemas['FoundView'][]) {
  const known = await said()
  const names = new Set<string>()
  problem.value = undefined
  found.value = outlines.map((f) => ({
    ...f,
    tag: reactive(apart(recall(f.name, f.group, known), names)),
    wanted: true,
  }))
}
/** A panel's own outline, as it was surveyed, for a piece that is to be like it. */
async function trace() {
  const outlines = await attempt(() =>
    take(
      api.GET('/api/projects/{id}/pattern/traced/{panel}', {
        params: { path: { id: project.id, panel: panel.value } },
      }),
    ),
  )
  if (!outlines) return
  const known = await said()
  found.value = outlines.map((f) => ({
    ...f,
    tag: reactive({ ...recall(f.name, f.group, known), meaning: 'STITCH' as const }),
    wanted: true,
  }))
}
async function bring() {
  const wanted = found.value.filter((f) => f.wanted)
  const done = await change((params) =>
    api.POST('/api/projects/{id}/pattern/brought', {
      params,
      body: {
        known: known.length,
        knownAcross: known.across,
        knownOutline: found.value[Number(known.index)]?.outline as never,
        pieces: wanted.map((f) => ({
          ...f.tag,
          meaning: (f.tag.meaning || null) as 'CUT' | 'STITCH',
          outline: f.outline as never,
        })),
      },
    }),
  )
  if (!done) return
  await remember(wanted)
  found.value = []
  emit('brought')
}
</script>

<template>
  <form class="grid gap-3" @submit.prevent="bring">
    <p class="text-muted">
      A drawing of your own, SVG or DXF: each outline becomes a piece. One distance that you know proves the
      drawing’s unit.
    </p>
    <DrawingFileField
      :project="project"
      label="SVG or DXF drawing, or a project’s file"
      accept=".svg,.svgz,.dxf,.json,image/svg+xml"
      @found="read"
    />
    <ChoiceField
      v-if="project.panels.length"
      v-model="panel"
      label="Or trace a panel"
      empty="choose …"
      :choices="project.panels.map((p) => ({ id: p.id, words: p.name }))"
      @change="trace"
    />
    <p v-if="problem" class="text-madder" role="alert">{{ problem.detail }}</p>
    <template v-if="found.length">
      <fieldset class="grid gap-2 border-t border-line pt-2">
        <legend class="text-lg">One distance you know</legend>
        <ChoiceField
          v-model="known.index"
          label="Outline"
          :choices="
            found.map((f, i) => ({ id: String(i), words: `${f.name}, drawn ${f.width} × ${f.height}` }))
          "
        />
        <div class="flex gap-4" role="radiogroup" aria-label="Which way">
          <label class="flex min-h-9 items-center gap-2"
            ><input v-model="known.across" type="radio" :value="true" class="accent-madder" /> its
            width</label
          >
          <label class="flex min-h-9 items-center gap-2"
            ><input v-model="known.across" type="radio" :value="false" class="accent-madder" /> its
            height</label
          >
        </div>
        <MeasureField
          label="is truly"
          :value="known.length"
          name="brought.known"
          hint="empty: the drawing’s unit is believed"
          @settle="(t) => (known.length = t)"
        />
      </fieldset>
      <fieldset v-for="(f, i) in found" :key="i" class="grid gap-2 border-t border-line pt-2">
        <legend class="sr-only">{{ f.name }}</legend>
        <TickField v-model="f.wanted" :label="`${f.name}, drawn ${f.width} × ${f.height}`" />
        <p v-for="t in f.told" :key="t" class="text-stale">{{ t }}</p>
        <template v-if="f.wanted">
          <PlainField v-model="f.tag.name" label="Piece" name="brought.name" />
          <ChoiceField
            v-model="f.tag.meaning"
            label="This line is"
            empty="say which …"
            :choices="[
              { id: 'CUT', words: 'the line to cut along' },
              { id: 'STITCH', words: 'the line to sew along' },
            ]"
          />
          <MeasureField
            label="seam allowance"
            :value="f.tag.allowance"
            name="brought.allowance"
            @settle="(t) => (f.tag.allowance = t)"
          />
          <div class="grid grid-cols-2 gap-2">
            <label class="text-sm text-muted"
              >Cut
              <input v-model.number="f.tag.quantity" type="number" min="1" max="60" class="field" />
            </label>
            <label class="text-sm text-muted"
              >Turn, degrees
              <input v-model.number="f.tag.turn" type="number" min="-180" max="180" class="field" />
            </label>
          </div>
          <TickField v-model="f.tag.pair" label="half of them mirrored" />
          <ChoiceField v-model="f.tag.cloth" label="From" :choices="[...cloths]" />
        </template>
      </fieldset>
      <ComplaintNote :of="['brought']" />
      <button class="act act-main" :disabled="busy">Bring them in</button>
    </template>
  </form>
</template>
