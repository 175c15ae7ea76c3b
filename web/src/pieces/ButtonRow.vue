<script setup lang="ts">
import { usePreview } from '../api/usePreview'
import ComplaintNote from '../ui/ComplaintNote.vue'
import { provideProblem } from '../ui/problem'
import { computed, reactive } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import MeasureField from '../ui/MeasureField.vue'

/** Buttons of a kept placket spaced again for a new length, drawn on the old one. */
const { project, keeper } = defineProps<{ project: ProjectView; keeper: Schemas['KeeperView'] }>()
const need = reactive({ length: '', top: '2 cm', end: '8 cm', fullest: '' })
const { made: row, problem } = usePreview(
  () => ['buttons', project.id, project.version, keeper.id],
  () => (need.length ? { keeper: keeper.id, ...need, set: keeper.count } : undefined),
  (body, signal) =>
    take(api.POST('/api/projects/{id}/buttons', { params: { path: { id: project.id } }, body, signal })),
  { restMs: 0 },
)
provideProblem(problem)
const fields = [
  { id: 'length', label: 'length of the new closure' },
  { id: 'top', label: 'top to the first button, about' },
  { id: 'end', label: 'last button to the end, about' },
  { id: 'fullest', label: 'top to the fullest point' },
] as const
const scale = computed(() => (row.value ? 600 / row.value.oldLengthMm : 1))
</script>

<template>
  <section class="grid gap-2 border-t border-line pt-3">
    <h3 class="text-lg first-letter:uppercase">Buttons of the {{ keeper.name }}</h3>
    <MeasureField
      v-for="f in fields"
      :key="f.id"
      :label="f.label"
      :value="need[f.id]"
      :name="'closure.' + f.id"
      @settle="(t) => (need[f.id] = t)"
    />
    <ComplaintNote :of="['closure.margins']" />
    <template v-if="row">
      <svg viewBox="-10 0 620 96" role="img" :aria-label="`Old placket with ${row.marks.length} buttons`">
        <rect x="0" y="26" width="600" height="34" class="fill-table stroke-line" />
        <rect
          :x="row.fromMm * scale"
          y="26"
          :width="row.lengthMm * scale"
          height="34"
          class="fill-paper stroke-ink"
          stroke-width="2"
        />
        <circle
          v-for="m in row.oldMm"
          :key="'o' + m"
          :cx="m * scale"
          cy="43"
          r="7"
          fill="none"
          class="stroke-muted"
          stroke-width="2"
        />
        <g v-for="m in row.marks" :key="m.mm">
          <circle
            :cx="(row.fromMm + m.mm) * scale"
            cy="43"
            r="9"
            :class="m.existing ? 'fill-good' : 'fill-madder'"
          />
          <text :x="(row.fromMm + m.mm) * scale" y="84" text-anchor="middle" class="fill-ink text-[17px]">
            {{ m.at.replace(' cm', '') }}
          </text>
        </g>
        <text x="0" y="16" class="fill-muted text-[17px]">top of the old placket</text>
      </svg>
      <p class="text-sm text-muted">
        Green: an old buttonhole serves; red: a new one. The new closure begins {{ row.from }} below the old
        top.
      </p>
      <p v-for="s in row.sentences" :key="s" class="text-[15px]">{{ s }}</p>
    </template>
  </section>
</template>
