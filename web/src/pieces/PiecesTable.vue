<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import CuttingTable from '../drawing/CuttingTable.vue'
import PileArrow from '../drawing/PileArrow.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, labelPoint, pathOf } from '../drawing/paths'
import { inBestRows } from '../drawing/sideBySide'

/** Paper pieces on the table, to scale, in reading order. */
const { pieces, picked, edge, ones, others } = defineProps<{
  pieces: Schemas['PieceView'][]
  picked?: string
  /** edge of the picked piece whose ledger is open */
  edge?: string
  /** the two sides of a seam, drawn strongly */
  ones?: { piece: string; edge: string }[]
  others?: { piece: string; edge: string }[]
  inches: boolean
}>()
const emit = defineEmits<{ pick: [id: string]; edge: [piece: string, name: string] }>()
const laid = computed(() =>
  inBestRows(pieces, (p) => p.cutLine, 80, writtenWide).map((l) => {
    const b = boundsOf([l.item.cutLine])
    const narrow = isNarrow(l.item)
    return {
      ...l,
      at: isTall(b) ? labelPoint(l.item.cutLine, narrow ? 0.75 : 0.58) : under(b),
      narrow,
      wide: b.maxX - b.minX,
      high: b.maxY - b.minY,
      middle: labelPoint(l.item.cutLine, b.maxY - b.minY > 250 ? 0.28 : 0.5),
    }
  }),
)
/** A piece so high has its name inside it. */
const TALL_MM = 250
/** A letter of a name at the usual zoom, mm. */
const LETTER_MM = 17
const nameOf = (p: Schemas['PieceView']) => (p.quantity > 1 ? `${p.name} × ${p.quantity}` : p.name)
const isTall = (b: { minY: number; maxY: number }) => b.maxY - b.minY > TALL_MM
/** Its name is wider than a tall piece: it is written along it. */
function isNarrow(p: Schemas['PieceView']) {
  const b = boundsOf([p.cutLine])
  return isTall(b) && b.maxX - b.minX < nameOf(p).length * LETTER_MM
}
function writtenWide(p: Schemas['PieceView']) {
  return isTall(boundsOf([p.cutLine])) ? 0 : nameOf(p).length * LETTER_MM
}
/** Small pieces have their name below them. */
const under = (b: { minX: number; maxX: number; minY: number }): [number, number] => [
  (b.minX + b.maxX) / 2,
  b.minY - 24,
]
/** Which side of the walked seam an edge belongs to. */
const sideOf = (piece: string, name: string) =>
  ones?.some((s) => s.piece === piece && s.edge === name)
    ? 'one'
    : others?.some((s) => s.piece === piece && s.edge === name)
      ? 'other'
      : undefined
/** Lines of a mark: a pleat has two, its folds; a dart or a row one. */
const linesOf = (m: Schemas['PieceMarkView']) =>
  m.kind === 'PLEAT' ? [m.points.slice(0, 2), m.points.slice(2)] : [m.points]
/** Where turned edges and casings are stitched; folds and overlaps are drawn as the marks they are. */
const sewnDown = (p: Schemas['PieceView']) => p.inner.filter((i) => i.of)
const isLine = (m: Schemas['PieceMarkView']) => m.points.length > 1 && m.kind !== 'LEVEL'
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
        <ClothLine
          :points="l.item.cutLine"
          class="fill-paper"
          :class="picked === l.item.id ? 'stroke-madder' : 'stroke-ink'"
          :stroke-width="picked === l.item.id ? 3.5 : 1.8"
        />
        <ClothLine
          v-for="(c, i) in l.item.covered"
          :key="i"
          :points="c"
          class="fill-muted stroke-muted"
          fill-opacity=".18"
          stroke-width="1"
          stroke-dasharray="2 3"
        />
        <ClothLine
          :points="l.item.stitchLine"
          fill="none"
          class="stroke-madder"
          stroke-width="1.3"
          stroke-dasharray="7 4"
        />
        <ClothLine
          v-for="w in l.item.wishes"
          :key="w.edge"
          :points="w.points"
          open
          class="stroke-good"
          stroke-width="5"
          stroke-dasharray="4 3"
        />
        <ClothLine
          v-if="l.item.trimLine.length"
          :points="l.item.trimLine"
          fill="none"
          class="stroke-muted"
          stroke-width="1"
          stroke-dasharray="1 4"
        />
        <ClothLine
          v-for="(i, n) in sewnDown(l.item)"
          :key="'i' + n"
          :points="i.points"
          open
          class="stroke-madder"
          stroke-width="1"
          stroke-dasharray="3 5"
        />
        <template v-for="(m, i) in l.item.marks" :key="'m' + i">
          <path
            v-if="isLine(m)"
            :d="
              linesOf(m)
                .map((l) => pathOf(l, false))
                .join(' ')
            "
            fill="none"
            class="stroke-ink"
            :stroke-width="m.kind === 'BUTTONHOLE' ? 3 : 1"
            :stroke-dasharray="
              m.kind === 'FOLD' || m.kind === 'OVERLAP'
                ? '12 4 2 4'
                : m.kind === 'GATHER' || m.kind === 'SHIRRING'
                  ? '2 3'
                  : undefined
            "
            vector-effect="non-scaling-stroke"
          />
          <circle
            v-else-if="m.points.length === 1"
            :cx="m.points[0]?.[0]"
            :cy="m.points[0]?.[1]"
            r="4"
            fill="none"
            class="stroke-ink"
            vector-effect="non-scaling-stroke"
          />
        </template>
        <circle v-for="(n, i) in l.item.notches" :key="i" :cx="n.x" :cy="n.y" r="5" class="fill-ink" />
      </g>
      <path
        v-for="a in l.item.allowances"
        :key="'e' + a.edge"
        data-pick
        :d="pathOf(a.points, false)"
        fill="none"
        class="cursor-pointer"
        :class="
          sideOf(l.item.id, a.edge) === 'one'
            ? 'stroke-madder'
            : sideOf(l.item.id, a.edge) === 'other'
              ? 'stroke-good'
              : picked === l.item.id && edge === a.edge
                ? 'stroke-madder'
                : 'stroke-transparent'
        "
        :stroke-width="sideOf(l.item.id, a.edge) || (picked === l.item.id && edge === a.edge) ? 6 : 12"
        :stroke-dasharray="sideOf(l.item.id, a.edge) === 'other' ? '14 5' : undefined"
        vector-effect="non-scaling-stroke"
        @click.stop="emit('edge', l.item.id, a.edge)"
      >
        <title>{{ a.edge.replaceAll('-', ' ') }}: {{ a.width }} drawn, {{ a.length }} long</title>
      </path>
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
        :text="nameOf(l.item)"
        :room="l.narrow ? l.high : Math.max(l.wide + 78, writtenWide(l.item))"
        :turn="l.narrow ? -90 : 0"
        :size="13"
        halo
        class="fill-ink font-semibold"
      />
    </g>
  </CuttingTable>
</template>
