<script setup lang="ts">
import { computed, inject, ref } from 'vue'
import type { Schemas } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, labelPoint } from '../drawing/paths'
import { scaleKey, wideMm } from '../drawing/scale'

/** A piece that found no place, below the panels. */
const {
  piece,
  leftEnd,
  picked = false,
} = defineProps<{
  piece: Schemas['UnplacedView']
  /** x at which the table begins, in the piece's frame: no name runs into the ruler there */
  leftEnd: number
  picked?: boolean
}>()
const scale = inject(scaleKey, ref(1))
const at = computed(() => labelPoint(piece.outline))
const nameMm = computed(() => wideMm(piece.name, 14, scale.value))
const isTurned = computed(() => {
  const b = boundsOf([piece.outline])
  return nameMm.value > b.maxX - b.minX && b.maxY - b.minY > b.maxX - b.minX
})
const nameX = computed(() =>
  isTurned.value ? at.value[0] : Math.max(at.value[0], leftEnd + nameMm.value / 2),
)
</script>

<template>
  <g
    data-grab
    data-pick
    role="button"
    tabindex="0"
    class="cursor-grab touch-none"
    :aria-label="`${piece.name} has no place: ${piece.reason}`"
  >
    <ClothLine
      :points="piece.outline"
      class="fill-paper stroke-madder"
      :stroke-width="picked ? 3.5 : 2"
      stroke-dasharray="12 6"
    />
    <TableLabel :x="nameX" :y="at[1]" :text="piece.name" :turn="isTurned ? -90 : 0" class="fill-madder" />
  </g>
</template>
