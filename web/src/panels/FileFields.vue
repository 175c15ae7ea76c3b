<script setup lang="ts">
import { ref } from 'vue'
import type { ProjectView, Schemas } from '../api/client'
import DrawingFileField from '../drawing/DrawingFileField.vue'
import ProofFields from './ProofFields.vue'
import type { Tape } from './useTape'

/** An outline from an SVG or DXF drawing; where there are several, the person says which. */
const { tape, project } = defineProps<{ tape: Tape; project: ProjectView }>()
const { form } = tape
const found = ref<Schemas['FoundView'][]>([])
const taken = ref(0)
function read(outlines: Schemas['FoundView'][], name: string) {
  found.value = outlines
  choose(0, name)
}
function choose(i: number, name = form.from) {
  taken.value = i
  const one = found.value[i]
  if (one) tape.takeUp(one, name)
}
</script>

<template>
  <div class="grid gap-2">
    <DrawingFileField
      :project="project"
      label="SVG or DXF drawing"
      accept=".svg,.svgz,.dxf,image/svg+xml"
      @found="read"
    />
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
