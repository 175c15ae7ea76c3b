<script setup lang="ts">
import { computed } from 'vue'
import type { ProjectView, Schemas } from '../api/client'
import ClothWeave from '../drawing/ClothWeave.vue'
import CuttingTable from '../drawing/CuttingTable.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, labelPoint, pathOf } from '../drawing/paths'

/** The garment spread out as one of its changes finds it, with every line to open, cut and fold, or as it leaves it. */
const { altered, step, after, pick } = defineProps<{
  altered: NonNullable<ProjectView['altered']>
  source: Schemas['SourceView']
  /** which change is looked at; as many as there are for the garment as it will be */
  step: number
  after: boolean
  /** what a tap on the drawing answers */
  pick?: 'END' | 'SEAM' | 'PART'
  picked?: string
  inches: boolean
}>()
const emit = defineEmits<{ pick: [id: string] }>()
const state = computed(
  () => altered.states[after ? step + 1 : step] ?? altered.states[altered.states.length - 1],
)
const told = computed(() => (after ? undefined : altered.steps[step]))
const parts = computed(() =>
  (state.value?.parts ?? []).map((p) => {
    const b = boundsOf([p.outline])
    return { ...p, path: pathOf(p.outline), at: labelPoint(p.outline, 0.55), room: b.maxX - b.minX }
  }),
)
// One frame for before and after: what gets shorter is seen to.
const bounds = computed(() => boundsOf(altered.states.flatMap((s) => s.parts.map((p) => p.outline))))
const sides = computed(() =>
  (['front', 'back', 'inside', 'new'] as const).flatMap((side) => {
    const own = parts.value.filter((p) => p.side === side)
    if (!own.length) return []
    const b = boundsOf(own.map((p) => p.outline))
    const above = side === 'front' || side === 'back'
    return [
      {
        side: side === 'new' ? 'to be cut anew' : side,
        x: (b.minX + b.maxX) / 2,
        y: above ? b.maxY : b.minY,
        below: above ? -14 : 18,
      },
    ]
  }),
)
const targets = computed(() =>
  pick === 'SEAM' ? (state.value?.seams ?? []) : pick === 'END' ? (state.value?.ends ?? []) : [],
)
const marks = computed(() => [
  ...(told.value?.cuts ?? []).map((c) => ({
    path: pathOf(c.points, false),
    dash: c.folded ? '12 5 2 5' : '',
  })),
])
const off = computed(() =>
  (told.value?.offs ?? []).flatMap((o) => o.outlines.map((r) => ({ name: o.name, path: pathOf(r) }))),
)
</script>

<template>
  <CuttingTable
    :bounds="{ ...bounds, minY: bounds.minY - 70, maxY: bounds.maxY + 70 }"
    :inches="inches"
    :label="`${source.name}, ${after ? 'as it will be' : 'with its lines'}, spread out to scale`"
  >
    <ClothWeave id="weave-altered" :cloth="source.cloth" />
    <path
      v-for="p in parts"
      :key="p.id"
      :data-pick="pick === 'PART' || undefined"
      :role="pick === 'PART' ? 'button' : undefined"
      :tabindex="pick === 'PART' ? 0 : undefined"
      :d="p.path"
      :fill="p.added ? undefined : 'url(#weave-altered)'"
      class="stroke-ink focus:outline-none focus-visible:stroke-madder focus-visible:[stroke-width:4]"
      :class="{
        'cursor-pointer': pick === 'PART',
        '!stroke-madder': pick === 'PART' && picked === p.id,
        'fill-paper': p.added,
      }"
      :stroke-width="pick === 'PART' && picked === p.id ? 5 : 1"
      :stroke-dasharray="p.added ? '8 4' : undefined"
      vector-effect="non-scaling-stroke"
      :aria-label="pick === 'PART' ? `Part: ${p.name}` : undefined"
      :aria-pressed="pick === 'PART' ? picked === p.id : undefined"
      @click="pick === 'PART' && emit('pick', p.id)"
      @keydown.enter="pick === 'PART' && emit('pick', p.id)"
    />
    <path
      v-for="p in parts.filter((q) => q.layer !== 'outer cloth')"
      :key="p.id + 'layer'"
      :d="p.path"
      class="pointer-events-none fill-paper"
      fill-opacity=".6"
    />
    <path
      v-for="(o, i) in off"
      :key="o.name + i"
      :d="o.path"
      class="pointer-events-none fill-madder stroke-none"
      fill-opacity=".22"
    >
      <title>{{ o.name }}</title>
    </path>
    <g v-for="(m, i) in marks" :key="i" class="pointer-events-none" fill="none">
      <path :d="m.path" class="stroke-paper" stroke-width="6" vector-effect="non-scaling-stroke" />
      <path
        :d="m.path"
        class="stroke-madder"
        stroke-width="3"
        :stroke-dasharray="m.dash"
        vector-effect="non-scaling-stroke"
      />
    </g>
    <TableLabel
      v-for="p in parts"
      :key="p.id + 'name'"
      :x="p.at[0]"
      :y="p.at[1]"
      :text="p.name"
      :room="p.room + 130"
      halo
    />
    <TableLabel
      v-for="s in sides"
      :key="s.side"
      :x="s.x"
      :y="s.y"
      :text="s.side"
      :size="17"
      :below="s.below"
      class="fill-muted font-serif italic"
    />
    <g
      v-for="t in targets"
      :key="t.id"
      data-pick
      role="button"
      tabindex="0"
      class="cursor-pointer focus:outline-none [&:focus-visible>.hit]:stroke-madder/50"
      :aria-label="t.name"
      :aria-pressed="picked === t.id"
      @click="emit('pick', t.id)"
      @keydown.enter="emit('pick', t.id)"
      @keydown.space.prevent="emit('pick', t.id)"
    >
      <template v-for="(line, i) in t.lines" :key="i">
        <path
          class="hit stroke-transparent"
          :d="pathOf(line, false)"
          fill="none"
          stroke-width="22"
          vector-effect="non-scaling-stroke"
        />
        <path
          :d="pathOf(line, false)"
          fill="none"
          :class="picked === t.id ? 'stroke-madder' : 'stroke-ink'"
          :stroke-width="picked === t.id ? 5 : 2.5"
          stroke-dasharray="9 4"
          vector-effect="non-scaling-stroke"
        />
      </template>
    </g>
  </CuttingTable>
</template>
