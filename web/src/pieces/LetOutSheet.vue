<script setup lang="ts">
import { computed } from 'vue'
import { api, type ProjectView } from '../api/client'
import { useHand } from '../project/hand'
import MeasureField from '../ui/MeasureField.vue'
import TickField from '../ui/TickField.vue'
import InsertSheet from './InsertSheet.vue'

/** How much to let out, where it comes from, and which joins that opens. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const now = computed(() => project.letOut)
const start = {
  waist: '0',
  length: '0',
  leastAllowance: '1 cm',
  hemFinish: '1 cm',
  dartsToo: false,
  levels: {} as Record<string, string>,
}
function save(patch: Partial<typeof start>) {
  const l = now.value
  const body = l
    ? {
        waist: l.waist,
        length: l.length,
        leastAllowance: l.leastAllowance,
        hemFinish: l.hemFinish,
        dartsToo: l.dartsToo,
        levels: wanted.value,
        ...patch,
      }
    : { ...start, ...patch }
  return change((params) => api.PUT('/api/projects/{id}/pieces/let-out', { params, body }))
}
const wanted = computed(() =>
  Object.fromEntries((now.value?.budget ?? []).filter((b) => b.wanted).map((b) => [b.id, b.wanted])),
)
const atLevel = (id: string, text: string) => save({ levels: { ...wanted.value, [id]: text } })
const openJoins = () => change((params) => api.POST('/api/projects/{id}/pieces/let-out/openings', { params }))
const fields = [
  { id: 'waist', label: 'wider at the waist, all round' },
  { id: 'length', label: 'longer' },
  { id: 'leastAllowance', label: 'allowance kept in every seam' },
  { id: 'hemFinish', label: 'taken up by the new hem' },
] as const
const sides = computed(() =>
  now.value
    ? [...now.value.sides, { ...now.value.hem, name: 'length, at the hem' }, ...now.value.levels]
    : [],
)
</script>

<template>
  <div class="grid gap-4">
    <section>
      <MeasureField
        v-for="f in fields"
        :key="f.id"
        :label="f.label"
        :value="now?.[f.id] ?? start[f.id]"
        :name="'letOut.' + f.id"
        @settle="(t) => save({ [f.id]: t })"
      />
      <TickField
        :model-value="now?.dartsToo ?? false"
        label="shaping darts may go too"
        @update:model-value="(t) => save({ dartsToo: t })"
      />
    </section>
    <template v-if="now">
      <section v-for="s in sides" :key="s.name" class="border-t border-line pt-2">
        <h3 class="flex gap-2 text-lg">
          <span class="grow first-letter:uppercase">{{ s.name }}</span><b>+ {{ s.gain }}</b>
        </h3>
        <p v-if="s.missing" class="text-madder" role="alert">
          {{ s.missing }} are missing: nothing more is hidden there. Put in inserts, or ask for less.
        </p>
        <ul>
          <li v-for="g in s.given" :key="g.name" class="py-1">
            <div class="flex gap-2">
              <span class="grow first-letter:uppercase">{{ g.name }}</span>
              <b class="whitespace-nowrap">{{ g.gives }}</b>
            </div>
            <p class="text-sm text-muted">{{ g.each }} each, of {{ g.most }} there; shows: {{ g.shows }}</p>
          </li>
        </ul>
      </section>
      <section v-if="now.refolds.some((r) => r.newDepthMm < r.oldDepthMm)" class="border-t border-line pt-2">
        <h3 class="text-lg">Folded again</h3>
        <p v-for="r in now.refolds.filter((r) => r.newDepthMm < r.oldDepthMm)" :key="r.name + r.part">
          <span class="inline-block first-letter:uppercase">{{ r.name }}</span>: {{ r.middlesMm.length }},
          each {{ r.newDepth }} deep instead of {{ r.oldDepth }}; that edge measures {{ r.folded }} instead of
          {{ r.oldFolded }}.
        </p>
      </section>
      <details class="border-t border-line pt-2">
        <summary class="min-h-8 cursor-pointer text-lg">What every level could give</summary>
        <section v-for="b in now.budget" :key="b.id" class="border-t border-line py-1">
          <MeasureField
            v-if="b.girth"
            :label="b.name"
            :value="b.wanted"
            :name="'letOut.levels.' + b.id"
            :hint="`${b.girth} round now; up to ${b.gives} more (${b.from.join('; ')})`"
            @settle="(t) => atLevel(b.id, t)"
          />
          <p v-else class="text-[15px]">
            <span class="inline-block first-letter:uppercase">{{ b.name }}</span>: up to {{ b.gives }}
          </p>
        </section>
      </details>
      <InsertSheet :let-out="now" />
      <p v-for="b in now.bands" :key="b" class="text-stale">{{ b }}</p>
      <section v-if="now.openings.length" class="border-t border-line pt-2">
        <h3 class="text-lg">Only these are opened</h3>
        <p v-for="o in now.openings" :key="o.join" class="first-letter:uppercase">
          {{ o.name }}<template v-if="o.stretches.length">: {{ o.stretches.join('; ') }}</template>
        </p>
        <button class="act mt-2" :disabled="busy" @click="openJoins">Take this to Take apart</button>
      </section>
      <p class="text-sm text-muted">
        What is let out above a seam is let out below it, left and right alike. Old creases and faded lines
        may stay: steam one on a hidden place first.
      </p>
    </template>
  </div>
</template>
