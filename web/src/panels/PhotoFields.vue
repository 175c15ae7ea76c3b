<script setup lang="ts">
import { provideProblem } from '../ui/problem'
import { Camera } from '@lucide/vue'
import { reactive, ref } from 'vue'
import type { ProjectView } from '../api/client'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import TickField from '../ui/TickField.vue'
import ProofFields from './ProofFields.vue'
import type { Tape } from './useTape'

/** A photo with a sheet of known size beside the cloth: first the sheet's corners, then the cloth's edge. */
const { tape, panel } = defineProps<{
  tape: Tape
  panel?: ProjectView['panels'][number]
}>()
const { form, photo } = tape
provideProblem(photo.problem)
const sheets = [
  { id: 'MARKER' as const, words: 'the printed sheet of squares' },
  { id: 'A4' as const, words: 'a blank A4 sheet' },
  { id: 'LETTER' as const, words: 'a blank Letter sheet' },
  { id: 'OWN' as const, words: 'another rectangle, a mat’s grid' },
]
const camera = reactive({ tilt: '12', table: '#d9cbb2', striped: false })
const trying = ref(false)
async function trace() {
  const points = await photo.trace()
  if (!points) return
  form.points = points.map((p) => tape.placed(p.x, p.y, p.curve))
  form.within = photo.within.value
}
function file(e: Event) {
  const one = (e.target as HTMLInputElement).files?.[0]
  if (one) void photo.upload(one)
}
async function simulate() {
  form.points = []
  await photo.simulate(panel?.id ?? '', Number(camera.tilt) || 0, camera.table, camera.striped)
}
</script>

<template>
  <div class="grid gap-3">
    <ChoiceField v-model="photo.sheet.value.kind" label="Beside the cloth lies" :choices="sheets" />
    <p v-if="photo.sheet.value.kind === 'MARKER'" class="text-sm text-muted">
      <a class="underline" href="/api/tape/marker-sheet.pdf" download>Print the sheet</a>
      (<a class="underline" href="/api/tape/marker-sheet.pdf?paper=letter" download>Letter</a>): the camera
      finds it by itself, and its squares tell how the lens bends.
    </p>
    <template v-if="photo.sheet.value.kind === 'OWN'">
      <MeasureField
        label="its width"
        :value="photo.sheet.value.width"
        name="sheet.width"
        @settle="(t) => (photo.sheet.value.width = t)"
      />
      <MeasureField
        label="its height"
        :value="photo.sheet.value.height"
        name="sheet.height"
        @settle="(t) => (photo.sheet.value.height = t)"
      />
    </template>
    <label class="grid gap-1 text-sm text-muted"
      >Photo from above, cloth flat, table showing all round
      <input type="file" accept="image/jpeg,image/png" class="field" @change="file" />
    </label>
    <div v-if="panel">
      <button type="button" class="act" :aria-expanded="trying" @click="trying = !trying">
        <Camera :size="18" /> No camera at hand?
      </button>
      <fieldset v-if="trying" class="mt-2 grid gap-2 border-l-2 border-line pl-3">
        <legend class="sr-only">Simulated camera</legend>
        <p class="text-sm text-muted">
          A simulated camera takes this panel as it is drawn now, with noise, shadow and a bent lens.
        </p>
        <MeasureField
          label="tilted by, degrees"
          :value="camera.tilt"
          name="camera.tilt"
          @settle="(t) => (camera.tilt = t)"
        />
        <label class="flex min-h-9 items-center gap-3"
          ><input v-model="camera.table" type="color" aria-label="Colour of the table" /> colour of the
          table</label
        >
        <TickField v-model="camera.striped" label="with stripes of the table’s colour" />
        <button type="button" class="act justify-self-start" :disabled="photo.busy.value" @click="simulate">
          Take a simulated photo
        </button>
      </fieldset>
    </div>
    <p v-if="photo.busy.value" role="status" class="text-muted">Looking at the picture…</p>
    <p v-if="photo.problem.value" class="text-madder" role="alert">{{ photo.problem.value.detail }}</p>
    <template v-if="photo.photo.value">
      <p v-if="!photo.flat.value" role="status">
        {{
          photo.photo.value.corners.length === 4
            ? 'The sheet was found. Look whether each mark lies on its corner; move any that does not.'
            : 'The sheet was not found. Put the four marks on its corners.'
        }}
        <template v-if="photo.sheet.value.kind === 'MARKER'">
          On the sheet of squares these are the outer corners of the outermost squares.
        </template>
      </p>
      <MeasureField
        label="Outline within"
        :value="photo.tolerance.value"
        name="tolerance"
        hint="how far lines and curves may be from the edge that is seen"
        @settle="(t) => (photo.tolerance.value = t)"
      />
      <div class="flex flex-wrap gap-2">
        <button type="button" class="act act-main" :disabled="photo.busy.value" @click="trace">
          Trace the cloth
        </button>
        <button v-if="photo.flat.value" type="button" class="act" @click="photo.flat.value = undefined">
          Corners again
        </button>
      </div>
      <p v-if="photo.why.value" class="text-stale" role="status">{{ photo.why.value }}</p>
      <div v-if="photo.doubts.value.length" class="grid gap-1 text-stale" role="alert">
        <p class="font-semibold">Look here before you cut by it:</p>
        <p v-for="d in photo.doubts.value" :key="d">{{ d }}</p>
      </div>
      <p v-if="photo.within.value" class="text-sm text-muted" role="status">
        The outline is true to about {{ photo.within.value }} by this picture.
      </p>
      <p v-if="photo.flat.value" class="text-sm text-muted">
        Tap the table to add a point, drag a point to correct it; arrow keys move it by a millimetre, Delete
        takes it out.
      </p>
      <ProofFields v-if="form.points.length > 2" :tape="tape" />
    </template>
  </div>
</template>
