<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { computed, reactive, ref, watch } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'

/** Panels made of panels: a mirrored one, two by a cut, one with a piece out of it, one pieced of two. Undo takes each back. */
const { project, panel } = defineProps<{ project: ProjectView; panel: ProjectView['panels'][number] }>()
const { change, busy } = useHand()
const at = (path: { id: string }) => ({ ...path, panel: panel.id })
const copy = ref('')
const same = ref(false)
const cut = reactive({ x: '', y: '', toX: '', toY: '' })
const hole = reactive({ x: '', y: '', width: '', height: '' })
const join = reactive({ edge: '', other: '', otherEdge: '', allowance: '1 cm' })
const cutFields = [
  { id: 'x' as const, label: 'one point, from the middle (− to the left)' },
  { id: 'y' as const, label: 'its height above the zero' },
  { id: 'toX' as const, label: 'other point, from the middle' },
  { id: 'toY' as const, label: 'its height above the zero' },
]
const holeFields = [
  { id: 'x' as const, label: 'lower left corner, from the middle' },
  { id: 'y' as const, label: 'its height above the zero' },
  { id: 'width' as const, label: 'wide' },
  { id: 'height' as const, label: 'high' },
]
/** Cloth that was measured lying double keeps both its states: the fold, and how it lies now. */
type Crease = NonNullable<Schemas['DoublingRequest']['crease']>
const fold = reactive({ edge: '', crease: 'NOTE' as Crease })
watch(
  () => panel.taped?.fold,
  (known) => {
    fold.edge = known?.edge ?? ''
    fold.crease = known?.crease ?? 'NOTE'
  },
  { immediate: true },
)
const creases = [
  { id: 'NOTE' as const, words: 'it presses out: marked only' },
  { id: 'HIDE' as const, words: 'it may show: where it is not seen' },
  { id: 'AVOID' as const, words: 'it stays: no piece across it' },
]
const foldIt = (opened: boolean) =>
  change(({ path, query }) =>
    api.PUT('/api/projects/{id}/panels/{panel}/fold', {
      params: { path: at(path), query },
      body: { edge: fold.edge, crease: fold.crease, opened },
    }),
  )
const others = computed(() =>
  project.panels.filter((p) => p.id !== panel.id).map((p) => ({ id: p.id, words: p.name })),
)
const edges = (id: string) =>
  (project.panels.find((p) => p.id === id)?.edges ?? []).map((e) => ({
    id: e.name,
    words: `${e.name.replaceAll('-', ' ')}, ${e.length}`,
  }))
const copyIt = () =>
  change(({ path, query }) =>
    api.POST('/api/projects/{id}/panels/{panel}/copy', {
      params: { path: at(path), query },
      body: { name: copy.value, same: same.value },
    }),
  )
const cutIt = () =>
  change(({ path, query }) =>
    api.POST('/api/projects/{id}/panels/{panel}/split', {
      params: { path: at(path), query },
      body: { ...cut },
    }),
  )
const holeIt = () =>
  change(({ path, query }) =>
    api.POST('/api/projects/{id}/panels/{panel}/cut-out', {
      params: { path: at(path), query },
      body: { ...hole },
    }),
  )
const joinIt = () =>
  change(({ path, query }) =>
    api.POST('/api/projects/{id}/panels/{panel}/join', {
      params: { path: at(path), query },
      body: { ...join, sewn: false },
    }),
  )
</script>

<template>
  <div class="grid gap-4">
    <ComplaintNote :of="['cut', 'join', 'fold']" />
    <form class="grid gap-2" @submit.prevent="copyIt">
      <h3 class="text-lg">Another one like it</h3>
      <p class="text-sm text-muted">
        The other one of a pair is turned over. Measure one distance of the real one too: worn garments are
        seldom alike.
      </p>
      <PlainField v-model="copy" label="Call it" name="copy.name" />
      <TickField v-model="same" label="the same way round, not turned over" />
      <button class="act justify-self-start" :disabled="busy || !copy.trim()">Draw it</button>
    </form>
    <form class="grid gap-2" @submit.prevent="foldIt(!panel.taped?.fold?.opened)">
      <h3 class="text-lg">Lying double on a fold</h3>
      <p class="text-sm text-muted">
        {{
          panel.taped?.fold
            ? panel.taped.fold.opened
              ? 'It lies open now, twice as wide and single.'
              : 'It lies double now. What is cut from it comes out of both layers.'
            : 'Was it measured folded? Say which edge is the fold, and it opens to twice its width.'
        }}
      </p>
      <ChoiceField
        v-if="!panel.taped?.fold"
        v-model="fold.edge"
        label="The fold is its edge"
        :choices="edges(panel.id)"
      />
      <ChoiceField v-model="fold.crease" label="The crease, once it is opened" :choices="creases" />
      <p class="flex flex-wrap gap-2">
        <button class="act" :disabled="busy || !fold.edge">
          {{ panel.taped?.fold?.opened ? 'Lay it double again' : 'Open it along the fold' }}
        </button>
        <button
          v-if="!panel.taped?.fold"
          type="button"
          class="act"
          :disabled="busy || !fold.edge"
          @click="foldIt(false)"
        >
          Leave it double
        </button>
      </p>
    </form>
    <form class="grid gap-2" @submit.prevent="cutIt">
      <h3 class="text-lg">Cut in two</h3>
      <MeasureField
        v-for="f in cutFields"
        :key="f.id"
        :label="f.label"
        :value="cut[f.id]"
        :name="'cut.' + f.id"
        @settle="(t) => (cut[f.id] = t)"
      />
      <button class="act justify-self-start" :disabled="busy || !cut.x || !cut.y || !cut.toX || !cut.toY">
        Cut along this line
      </button>
    </form>
    <form class="grid gap-2" @submit.prevent="holeIt">
      <h3 class="text-lg">A piece cut out</h3>
      <MeasureField
        v-for="f in holeFields"
        :key="f.id"
        :label="f.label"
        :value="hole[f.id]"
        :name="'cutOut.' + f.id"
        @settle="(t) => (hole[f.id] = t)"
      />
      <button class="act justify-self-start" :disabled="busy || !hole.width || !hole.height">
        Take it out
      </button>
    </form>
    <form v-if="others.length" class="grid gap-2" @submit.prevent="joinIt">
      <h3 class="text-lg">Piece to another panel</h3>
      <ChoiceField v-model="join.edge" label="Along this panel’s edge" :choices="edges(panel.id)" />
      <ChoiceField v-model="join.other" label="sew" :choices="others" @change="join.otherEdge = ''" />
      <ChoiceField
        v-if="join.other"
        v-model="join.otherEdge"
        label="by its edge"
        :choices="edges(join.other)"
      />
      <MeasureField
        label="taken from either by the seam"
        :value="join.allowance"
        name="join.allowance"
        @settle="(t) => (join.allowance = t)"
      />
      <button class="act justify-self-start" :disabled="busy || !join.edge || !join.otherEdge">
        Piece them
      </button>
    </form>
    <section class="grid gap-1">
      <h3 class="text-lg">Take it elsewhere</h3>
      <p class="flex gap-4">
        <a class="underline" :href="`/api/projects/${project.id}/panels/${panel.id}/outline.svg`" download
          >SVG</a
        >
        <a class="underline" :href="`/api/projects/${project.id}/panels/${panel.id}/outline.dxf`" download
          >DXF (R12)</a
        >
      </p>
    </section>
  </div>
</template>
