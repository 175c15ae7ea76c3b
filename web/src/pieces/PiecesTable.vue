<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import CuttingTable from '../drawing/CuttingTable.vue'
import PileArrow from '../drawing/PileArrow.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, labelPoint, pathOf } from '../drawing/paths'
import { inRows } from '../panels/sideBySide'

/** Paper pieces on the table, to scale, in reading order. */
const { pieces, picked } = defineProps<{ pieces: Schemas['PieceView'][]; picked?: string; inches: boolean }>()
const emit = defineEmits<{ pick: [id: string] }>()
const laid = computed(() =>
  inRows(pieces, (p) => p.cutLine, 1300, 80).map((l) => {
    const b = boundsOf([l.item.cutLine])
    return {
      ...l,
      at: b.maxY - b.minY > 250 ? labelPoint(l.item.cutLine, 0.58) : under(b),
      wide: b.maxX - b.minX,
      high: b.maxY - b.minY,
      middle: labelPoint(l.item.cutLine, b.maxY - b.minY > 250 ? 0.28 : 0.5),
    }
  }),
)
/** Small pieces have their name below them. */
const under = (b: { minX: number; maxX: number; minY: number }): [number, number] => [
  (b.minX + b.maxX) / 2,
  b.minY - 24,
]
const bounds = computed(() =>
  boundsOf(laid.value.map((l) => l.item.cutLine.map((p) => [(p[0] ?? 0) + l.dx, (p[1] ?? 0) + l.dy]))),
)
</script>

<template>
  <CuttingTable :bounds="bounds" :inches="inches" label="Pattern pieces to scale" @rest="emit('pick', '')">
    <g v-for="l in laid" :key="l.item.id" :transform="`translate(${l.dx} ${l.dy})`">
      <g
        data-pick
        role="button"
        tabindex="0"
        class="cursor-pointer focus:outline-none [&:focus-visible>path]:stroke-madder"
        :aria-label="l.item.name"
        :aria-pressed="picked === l.item.id"
        @click="emit('pick', l.item.id)"
        @keydown.enter="emit('pick', l.item.id)"
      >
        <path
          :d="pathOf(l.item.cutLine)"
          class="fill-paper"
          :class="picked === l.item.id ? 'stroke-madder' : 'stroke-ink'"
          :stroke-width="picked === l.item.id ? 3.5 : 1.8"
          vector-effect="non-scaling-stroke"
        />
        <path
          v-for="(c, i) in l.item.covered"
          :key="i"
          :d="pathOf(c)"
          class="fill-muted stroke-muted"
          fill-opacity=".18"
          stroke-width="1"
          stroke-dasharray="2 3"
          vector-effect="non-scaling-stroke"
        />
        <path
          :d="pathOf(l.item.stitchLine)"
          fill="none"
          class="stroke-madder"
          stroke-width="1.3"
          stroke-dasharray="7 4"
          vector-effect="non-scaling-stroke"
        />
        <path
          v-for="w in l.item.wishes"
          :key="w.edge"
          :d="pathOf(w.points, false)"
          fill="none"
          class="stroke-good"
          stroke-width="5"
          stroke-dasharray="4 3"
          vector-effect="non-scaling-stroke"
        />
        <circle v-for="(n, i) in l.item.notches" :key="i" :cx="n.x" :cy="n.y" r="5" class="fill-ink" />
      </g>
      <PileArrow
        v-if="l.high > 120"
        :x="l.middle[0]"
        :y="l.middle[1]"
        :deg="90"
        one-way
        :length="Math.min(30, l.high / 12)"
      />
      <TableLabel
        :x="l.at[0]"
        :y="l.at[1]"
        :text="l.item.name"
        :room="l.wide + 78"
        :size="14"
        class="fill-ink font-semibold"
      />
      <TableLabel
        v-if="l.high > 250"
        :x="l.at[0]"
        :y="l.at[1]"
        :below="18"
        :text="'× ' + l.item.quantity"
        :size="14"
        class="fill-muted"
      />
    </g>
  </CuttingTable>
</template>
