<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, take, type ProjectView } from '../api/client'
import { usePreview } from '../api/usePreview'
import ClothLine from '../drawing/ClothLine.vue'
import { boundsOf } from '../drawing/paths'
import ChoiceField from '../ui/ChoiceField.vue'

/** One panel laid on another: what both have, where they differ, and which is smaller. */
const { project, panel } = defineProps<{ project: ProjectView; panel: ProjectView['panels'][number] }>()
const other = ref('')
const others = computed(() =>
  project.panels.filter((p) => p.id !== panel.id).map((p) => ({ id: p.id, words: p.name })),
)
const chosen = computed(() => (others.value.some((o) => o.id === other.value) ? other.value : ''))
const { made: laid } = usePreview(
  () => ['overlay', project.id, project.version, panel.id],
  () => chosen.value || undefined,
  (on, signal) =>
    take(
      api.GET('/api/projects/{id}/panels/{panel}/on/{other}', {
        params: { path: { id: project.id, panel: panel.id, other: on } },
        signal,
      }),
    ),
  { restMs: 0 },
)
const box = computed(() => boundsOf([laid.value?.one ?? [], laid.value?.other ?? []]))
const wide = computed(() => box.value.maxX - box.value.minX)
const high = computed(() => box.value.maxY - box.value.minY)
const view = computed(
  () => `${box.value.minX - 15} ${-box.value.maxY - 15} ${wide.value + 30} ${high.value + 30}`,
)
const stroke = computed(() => Math.max(wide.value, high.value) / 420)
</script>

<template>
  <section v-if="others.length" class="grid gap-2 border-t border-line pt-3">
    <h3 class="text-lg">Laid on another</h3>
    <p class="text-sm text-muted">
      Worn garments are not alike on both sides: what both have is what a pair can be cut from.
    </p>
    <ChoiceField v-model="other" label="This panel on the" empty="choose …" :choices="others" />
    <template v-if="laid && chosen">
      <svg :viewBox="view" class="max-h-80 w-full" role="img" aria-label="Both panels on each other">
        <g transform="scale(1 -1)">
          <ClothLine
            v-for="(c, i) in laid.common"
            :key="i"
            :points="c"
            class="fill-table stroke-none"
            :stroke-width="0"
          />
          <ClothLine :points="laid.one" class="fill-none stroke-ink" :stroke-width="stroke" />
          <ClothLine
            :points="laid.other"
            class="fill-none stroke-madder"
            :stroke-width="stroke"
            :stroke-dasharray="`${stroke * 5} ${stroke * 3}`"
          />
          <circle
            v-if="laid.where"
            :cx="laid.where[0]"
            :cy="laid.where[1]"
            :r="stroke * 7"
            class="fill-none stroke-stale"
            :stroke-width="stroke * 1.5"
          />
        </g>
      </svg>
      <p class="text-sm text-muted">Ink: this panel. Dashed: the other.</p>
      <p v-for="s in laid.sentences" :key="s" class="first-letter:uppercase">
        {{ s }}
      </p>
    </template>
  </section>
</template>
