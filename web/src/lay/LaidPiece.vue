<script setup lang="ts">
import { computed, inject, ref } from 'vue'
import type { Schemas } from '../api/client'
import ClothLine from '../drawing/ClothLine.vue'
import PileArrow from '../drawing/PileArrow.vue'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, labelPoint } from '../drawing/paths'
import { scaleKey } from '../drawing/scale'

/** A piece on the cloth, in the panel's frame: paper laid over, cut line solid, stitch line stitched, a kept hem marked on its edge. */
const { piece, picked = false } = defineProps<{ piece: Schemas['PlacedView']; picked?: boolean }>()
const scale = inject(scaleKey, ref(1))
const bounds = computed(() => boundsOf([piece.ring]))
const wide = computed(() => bounds.value.maxX - bounds.value.minX)
const high = computed(() => bounds.value.maxY - bounds.value.minY)
/** A name along the piece wants the height of a line of text across it. */
const LINE_PX = 15
const hasRoom = computed(() => !isUpright.value || wide.value * scale.value > LINE_PX)
const at = computed(() => labelPoint(piece.ring, high.value > 400 ? 0.62 : 0.5))
const isUpright = computed(() => high.value > 2.2 * wide.value && wide.value < 120)
const pinAt = computed(() => labelPoint(piece.ring, 0.78))
/** Half the arrow, and how far below the name its middle must lie at least, on the screen. */
const ARROW_PX = 16
const BELOW_PX = 32
const arrowY = computed(() => at.value[1] - Math.max(120, BELOW_PX / scale.value))
const hasArrow = computed(
  () => hasRoom.value && high.value > 240 && arrowY.value - ARROW_PX / scale.value > bounds.value.minY,
)
// Where the piece's own top points: with the pile on one-way cloth.
const grain = computed(() => 90 + piece.rotation)
</script>

<template>
  <g
    data-grab
    data-pick
    role="button"
    tabindex="0"
    class="cursor-grab touch-none"
    :aria-label="`${piece.name} ${piece.copy + 1}${piece.mirrored ? ', mirrored' : ''}${piece.pinned ? ', pinned' : ''}`"
    :aria-pressed="picked"
  >
    <title>{{ piece.name }}, {{ piece.variant }}</title>
    <ClothLine
      :points="piece.ring"
      class="fill-paper"
      :class="picked ? 'stroke-madder' : 'stroke-ink'"
      fill-opacity=".86"
      :stroke-width="picked ? 3.5 : 1.6"
    />
    <ClothLine
      v-if="piece.stitchLine.length"
      :points="piece.stitchLine"
      fill="none"
      class="stroke-madder"
      stroke-width="1.1"
      stroke-dasharray="5 4"
    />
    <ClothLine v-if="piece.kept" :points="piece.kept.points" open class="stroke-good" stroke-width="6" />
    <g
      v-if="piece.pinned"
      :transform="`translate(${pinAt[0]} ${pinAt[1]}) scale(${1 / scale})`"
      aria-hidden="true"
    >
      <line
        x1="0"
        y1="0"
        x2="14"
        y2="30"
        class="stroke-ink"
        stroke-width="2"
        vector-effect="non-scaling-stroke"
      />
      <circle cx="7" cy="15" r="5.5" class="fill-madder stroke-paper" stroke-width="1" />
    </g>
    <PileArrow v-if="hasArrow" :x="at[0]" :y="arrowY" :deg="grain" one-way :length="ARROW_PX" />
    <TableLabel
      v-if="hasRoom"
      :x="at[0]"
      :y="at[1]"
      :text="piece.name + (piece.mirrored ? ' ⇋' : '')"
      :room="isUpright ? high : wide + 70"
      :turn="isUpright ? -90 : 0"
      :size="14"
      halo
      class="font-semibold"
    />
  </g>
</template>
