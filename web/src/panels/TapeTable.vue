<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ProjectView } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import CuttingTable from '../drawing/CuttingTable.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, pathOf, type Xy } from '../drawing/paths'
import type { Tape } from './useTape'

/** What the figures draw so far, the tape lying where it was read. */
const { tape, project } = defineProps<{ tape: Tape; project: ProjectView }>()
const { drawn, form, photo } = tape
const flat = computed(() => (form.way === 'PHOTO' ? photo.flat.value : undefined))
/** Points of a photo are moved on the picture itself. */
const dots = computed(() =>
  form.way === 'PHOTO' ? form.points.map((p) => [parseFloat(p.right), parseFloat(p.along)] as Xy) : [],
)
const held = ref<number>()
function to(e: PointerEvent) {
  const table = (e.target as SVGElement).ownerSVGElement
  const at = table?.getBoundingClientRect()
  return at && board.value?.toMm(e.clientX - at.left, e.clientY - at.top)
}
const board = ref<InstanceType<typeof CuttingTable>>()
function put(i: number, x: number, y: number) {
  const p = form.points[i]
  if (p) form.points[i] = { ...p, right: tape.placed(x, y).right, along: tape.placed(x, y).along }
}
function grab(e: PointerEvent, i: number) {
  held.value = i
  ;(e.target as Element).setPointerCapture(e.pointerId)
}
function drag(e: PointerEvent, i: number) {
  if (!(e.target as Element).hasPointerCapture(e.pointerId)) return
  const mm = to(e)
  if (mm) put(i, mm.x, mm.y)
}
function nudge(e: KeyboardEvent, i: number) {
  const d = dots.value[i]
  const step = e.shiftKey ? 0.2 : 1
  const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[
    e.key
  ]
  if (d && by) {
    e.preventDefault()
    put(i, (d[0] ?? 0) + (by[0] ?? 0), (d[1] ?? 0) + (by[1] ?? 0))
  } else if (e.key === 'Delete' && form.points.length > 3) {
    e.preventDefault()
    tape.remove(i)
  }
}
/** A point more, in the side that passes nearest; the first ones in the order they are tapped. */
function add(x: number, y: number) {
  if (form.way !== 'PHOTO' || !flat.value) return
  const n = dots.value.length
  let after = n - 1
  if (drawn.value && n > 2) {
    let least = Infinity
    dots.value.forEach((p, i) => {
      const off = distance([x, y], p, dots.value[(i + 1) % n] ?? p)
      if (off < least) [least, after] = [off, i]
    })
  }
  form.points.splice(after + 1, 0, tape.placed(x, y))
}
function distance(p: Xy, a: Xy, b: Xy) {
  const [dx, dy] = [(b[0] ?? 0) - (a[0] ?? 0), (b[1] ?? 0) - (a[1] ?? 0)]
  const [px, py] = [(p[0] ?? 0) - (a[0] ?? 0), (p[1] ?? 0) - (a[1] ?? 0)]
  const share = Math.max(0, Math.min(1, (px * dx + py * dy) / (dx * dx + dy * dy || 1)))
  return Math.hypot(px - share * dx, py - share * dy)
}
/** Numbers of the tapes, as in the list of measures; heights stand near their end, widths beside the middle, so that they keep apart. */
const tapes = computed(() =>
  (drawn.value?.tapes ?? []).map((t) => {
    const [from = [0, 0], to = [0, 0]] = [t.line[0], t.line[t.line.length - 1]]
    const isUpright = Math.abs((to[1] ?? 0) - (from[1] ?? 0)) > Math.abs((to[0] ?? 0) - (from[0] ?? 0))
    const share = isUpright ? 0.93 : 0.24
    const at = (k: number) => (from[k] ?? 0) + share * ((to[k] ?? 0) - (from[k] ?? 0))
    const bent = t.line[Math.floor(t.line.length * 0.6)] ?? from
    return {
      ...t,
      number: Object.keys(form.measures).indexOf(t.id) + 1,
      path: pathOf(t.line, false),
      // Beside an upright tape, on the one side where no width stands.
      anchor: isUpright && t.line.length === 2 ? ('start' as const) : ('middle' as const),
      x: t.line.length === 2 ? at(0) + (isUpright ? 6 : 0) : (bent[0] ?? 0),
      y: t.line.length === 2 ? at(1) : (bent[1] ?? 0),
    }
  }),
)
const pins = computed(() => drawn.value?.pins ?? [])
const corners = computed<Xy[]>(() => drawn.value?.points ?? [])
const bounds = computed(() => {
  const f = flat.value
  const all: Xy[] = f
    ? [
        [f.left, f.top],
        [f.left + f.width * f.mmPerPixel, f.top - f.height * f.mmPerPixel],
      ]
    : []
  const b = boundsOf(drawn.value ? [drawn.value.outline, pins.value] : [all])
  const below = drawn.value?.ellipses.length ? 0.09 * (b.maxY - b.minY) : 0
  return { minX: b.minX - 70, maxX: b.maxX + 70, minY: b.minY - 70 - below, maxY: b.maxY + 70 }
})
/** The tapes at the table's rim begin at the outline's lower left corner. */
const origin = computed(() => {
  const b = boundsOf([drawn.value?.outline ?? []])
  return drawn.value ? { x: b.minX, y: b.minY } : undefined
})
const baseline = computed(() => {
  const b = boundsOf([drawn.value?.outline ?? []])
  return form.way === 'BASELINE'
    ? pathOf(
        [
          [0, Math.min(0, b.minY)],
          [0, b.maxY + 30],
        ],
        false,
      )
    : ''
})
/** Four sides and their diagonals, each with its figure where the tape lay. */
const sides = computed(() => {
  const [a, b, c, d] = form.way === 'SIDES' ? (drawn.value?.outline ?? []) : []
  if (!a || !b || !c || !d) return []
  const of = (id: string, from: Xy, to: Xy, share = 0.5) => ({
    id,
    text: form.sides[id] ?? '',
    x: (from[0] ?? 0) + share * ((to[0] ?? 0) - (from[0] ?? 0)),
    y: (from[1] ?? 0) + share * ((to[1] ?? 0) - (from[1] ?? 0)),
    line: share === 0.5 ? '' : pathOf([from, to], false),
  })
  return [
    of('lower', a, b),
    of('right', b, c),
    of('upper', d, c),
    of('left', a, d),
    of('rising', a, c, 0.36),
    of('falling', d, b, 0.36),
  ]
})
const colour = computed(() => project.source?.cloth.colour ?? '#b9a789')
/** Ellipses are drawn twenty times as large as they are, or nobody would see them. */
const LARGER = 20
</script>

<template>
  <CuttingTable
    ref="board"
    :bounds="bounds"
    :origin="origin"
    :inches="project.unit === 'INCH'"
    label="The panel as measured so far, to scale"
    @tap="add"
  >
    <g
      v-if="flat"
      :transform="`translate(${flat.left} ${flat.top}) scale(${flat.mmPerPixel} ${-flat.mmPerPixel})`"
    >
      <image :href="photo.address('flat.jpg')" :width="flat.width" :height="flat.height" />
    </g>
    <template v-if="drawn">
      <ClothLine
        :points="drawn.outline"
        :fill="flat ? 'none' : colour"
        fill-opacity=".35"
        class="stroke-ink"
        stroke-width="2"
      />
      <path
        v-if="baseline"
        :d="baseline"
        class="stroke-chalk"
        stroke-width="4"
        stroke-dasharray="10 3"
        vector-effect="non-scaling-stroke"
      />
      <g v-for="s in sides" :key="s.id">
        <path
          v-if="s.line"
          :d="s.line"
          class="stroke-chalk"
          stroke-width="2.5"
          stroke-dasharray="8 4"
          vector-effect="non-scaling-stroke"
        />
        <TableLabel :x="s.x" :y="s.y" :text="s.text" halo />
      </g>
      <g v-for="(p, i) in corners" :key="i">
        <ClothLine
          v-for="(pin, k) in pins"
          :key="k"
          :points="[pin, p]"
          open
          class="stroke-muted"
          stroke-width="1"
          stroke-dasharray="2 4"
        />
        <ellipse
          v-if="drawn.ellipses[i]"
          :rx="(drawn.ellipses[i]?.longMm ?? 0) * LARGER"
          :ry="(drawn.ellipses[i]?.shortMm ?? 0) * LARGER"
          :transform="`translate(${p[0]} ${p[1]}) rotate(${drawn.ellipses[i]?.directionDeg ?? 0})`"
          fill="none"
          class="stroke-stale"
          stroke-width="1.2"
          vector-effect="non-scaling-stroke"
        />
        <TableLabel :x="p[0] ?? 0" :y="p[1] ?? 0" :text="String(i + 1)" :below="-12" halo />
      </g>
      <g v-for="(pin, k) in pins" :key="'pin' + k">
        <circle :cx="pin[0]" :cy="pin[1]" r="6" class="fill-madder" />
        <TableLabel
          :x="pin[0] ?? 0"
          :y="pin[1] ?? 0"
          :text="k === 0 ? 'first pin' : 'second pin'"
          :below="18"
          class="fill-madder"
        />
      </g>
      <TableLabel
        v-if="drawn.ellipses.length"
        :x="bounds.minX"
        :y="bounds.minY"
        text="Rings: how surely each point lies, twenty times as large"
        anchor="start"
        :below="-14"
        class="fill-muted"
      />
      <g v-for="t in tapes" :key="t.id">
        <path
          :d="t.path"
          fill="none"
          stroke="var(--paper)"
          stroke-width="5"
          opacity=".6"
          vector-effect="non-scaling-stroke"
        />
        <path
          :d="t.path"
          fill="none"
          class="stroke-ink"
          stroke-width="1.4"
          stroke-dasharray="7 4"
          vector-effect="non-scaling-stroke"
        />
      </g>
      <TableLabel
        v-for="t in tapes"
        :key="'n' + t.id"
        :x="t.x"
        :y="t.y"
        :anchor="t.anchor"
        :text="`${t.number} · ${t.text}`"
        halo
      />
    </template>
    <g v-for="(d, i) in dots" :key="'d' + i">
      <circle
        :cx="d[0]"
        :cy="d[1]"
        :r="held === i ? 9 : 6"
        data-grab
        data-pick
        tabindex="0"
        role="button"
        :aria-label="`Point ${i + 1}: drag it, or move it with the arrow keys`"
        class="cursor-grab fill-paper stroke-madder focus:outline-none focus-visible:fill-madder"
        stroke-width="2.5"
        vector-effect="non-scaling-stroke"
        @pointerdown="(e) => grab(e, i)"
        @pointermove="(e) => drag(e, i)"
        @pointerup="held = undefined"
        @keydown="(e) => nudge(e, i)"
      />
    </g>
  </CuttingTable>
</template>
