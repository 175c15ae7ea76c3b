<script setup lang="ts">
import { computed, inject, ref } from 'vue'
import type { Schemas } from '../api/client'
import TableLabel from '../drawing/TableLabel.vue'
import { boundsOf, labelPoint, type Xy } from '../drawing/paths'
import { scaleKey } from '../drawing/scale'

/** What is wrong with a panel's cloth: named at the spot where the drawing is large enough, else in one line under the panel. */
const { flaws, outline } = defineProps<{ flaws: Schemas['FlawView'][]; outline: readonly Xy[] }>()
const scale = inject(scaleKey, ref(1))
/** Smaller flaws than this on the screen have no room for a name of their own. */
const ROOM_PX = 24
const high = (f: Schemas['FlawView']) => {
  const b = boundsOf([f.outline])
  return Math.min(b.maxX - b.minX, b.maxY - b.minY)
}
const isLarge = computed(() => flaws.every((f) => high(f) * scale.value >= ROOM_PX))
const counted = computed(() => {
  const names = [...new Set(flaws.map((f) => f.what))]
  return names
    .map((name) => {
      const n = flaws.filter((f) => f.what === name).length
      return n > 1 ? `${n} × ${name}` : name
    })
    .join(', ')
})
const corner = computed(() => {
  const b = boundsOf([outline])
  return { x: b.minX, y: b.minY, wide: b.maxX - b.minX }
})
const GAP_MM = 60
const room = computed(() => corner.value.wide + GAP_MM)
</script>

<template>
  <template v-if="isLarge">
    <TableLabel
      v-for="(f, i) in flaws"
      :key="i"
      :x="labelPoint(f.outline)[0]"
      :y="boundsOf([f.outline]).minY - 22"
      :text="f.what"
      :room="room"
      :lines="3"
      down
      halo
    />
  </template>
  <TableLabel
    v-else
    :x="corner.x"
    :y="corner.y"
    :below="26"
    anchor="start"
    :text="counted"
    :room="room"
    :lines="3"
    down
    class="fill-muted"
  />
</template>
