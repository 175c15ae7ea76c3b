<script setup lang="ts">
import { ref } from 'vue'
import { api, ProblemError, take, type Problem, type ProjectView, type Schemas } from '../api/client'
import ProofFields from './ProofFields.vue'
import type { Tape } from './useTape'

/** An outline from an SVG or DXF drawing; where there are several, the person says which. */
const { tape, project } = defineProps<{ tape: Tape; project: ProjectView }>()
const { form } = tape
const found = ref<Schemas['FoundView'][]>([])
const taken = ref(0)
const problem = ref<Problem>()
async function read(e: Event) {
  const file = (e.target as HTMLInputElement).files?.[0]
  if (!file) return
  const body = new FormData()
  body.append('drawing', file)
  try {
    found.value = await take(
      api.POST('/api/tape/file', {
        params: { query: { unit: project.unit } },
        body: body as never,
        bodySerializer: (f) => f as never,
      }),
    )
    problem.value = undefined
    choose(0, file.name)
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error
    problem.value = error.problem
    found.value = []
  }
}
function choose(i: number, name = form.from) {
  taken.value = i
  const one = found.value[i]
  if (one) tape.takeUp(one, name)
}
</script>

<template>
  <div class="grid gap-2">
    <label class="grid gap-1 text-sm text-muted"
      >SVG or DXF drawing
      <input type="file" accept=".svg,.dxf,image/svg+xml" class="field" @change="read" />
    </label>
    <p v-if="problem" class="text-madder" role="alert">{{ problem.detail }}</p>
    <fieldset v-if="found.length > 1" class="grid gap-1">
      <legend class="text-sm text-muted">Outlines in the drawing, largest first</legend>
      <label v-for="(f, i) in found" :key="i" class="flex min-h-9 items-center gap-2"
        ><input type="radio" name="found" :checked="taken === i" class="accent-madder" @change="choose(i)" />
        {{ f.name }}, {{ f.width }} × {{ f.height }}</label
      >
    </fieldset>
    <p v-for="t in found[taken]?.told ?? []" :key="t" class="text-stale">{{ t }}</p>
    <p v-if="form.from && !found.length" class="text-sm text-muted">From {{ form.from }}.</p>
    <ProofFields v-if="form.outline" :tape="tape" />
  </div>
</template>
