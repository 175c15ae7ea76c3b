<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import StationFrame from '../project/StationFrame.vue'
import EmptyTable from '../ui/EmptyTable.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TrousersDrawing from '../unpick/TrousersDrawing.vue'
import { firstMeasures } from './firstMeasures'

const { project } = defineProps<{ project: ProjectView }>()
const { change, problem, busy } = useHand()
const isInches = computed(() => project.unit === 'INCH')

type Cloth = Schemas['Cloth']
const form = reactive({
  texts: { name: '', what: '', condition: '', care: '', cost: '' } as Record<string, string>,
  cloth: {} as Record<string, string>,
  oneWay: true,
  reversible: false,
  measures: {} as Record<string, string>,
})
function reset() {
  const s = project.source
  form.texts = {
    name: s?.name ?? '',
    what: s?.what ?? '',
    condition: s?.condition ?? '',
    care: s?.care ?? '',
    cost: s?.cost ?? '',
  }
  form.cloth = {
    name: s?.cloth.name ?? '',
    fibre: s?.cloth.fibre ?? '',
    colour: s?.cloth.colour ?? '#7a6a55',
    thickness: s ? `${s.cloth.thicknessMm} mm` : '1 mm',
    weave: s?.cloth.weave ?? 'TWILL',
    heat: s?.cloth.heat ?? 'ONE_DOT',
  }
  form.oneWay = s?.cloth.oneWay ?? false
  form.reversible = s?.cloth.reversible ?? false
  form.measures = Object.fromEntries((s?.measures ?? firstMeasures).map((m) => [m.id, m.text]))
}
watch(() => project.version, reset, { immediate: true })
const measures = computed(() => project.source?.measures ?? firstMeasures)

function save() {
  const { texts, cloth, oneWay, reversible } = form
  const body = {
    ...(texts as { name: string; what: string; condition: string; care: string; cost: string }),
    measures: form.measures,
    cloth: {
      ...(cloth as { name: string; fibre: string; colour: string; thickness: string }),
      weave: cloth.weave as Cloth['weave'],
      heat: cloth.heat as Cloth['heat'],
      oneWay,
      reversible,
    },
  }
  return change((params) => api.PUT('/api/projects/{id}/source', { params, body }))
}
const saveIfSettled = () => project.source && save()
function settle(id: string, text: string) {
  form.measures[id] = text
  saveIfSettled()
}
const weaves = {
  CORDUROY: 'corduroy',
  PLAIN: 'plain',
  TWILL: 'twill',
  BLANKET: 'blanket',
  STRIPED: 'striped',
  KNIT: 'knit',
  FELT: 'felt',
}
const heats = {
  FINGERS_ONLY: 'fingers only, or not known',
  ONE_DOT: 'one dot, 110 °C',
  TWO_DOTS: 'two dots, 150 °C',
  THREE_DOTS: 'three dots, 200 °C',
}
const lines = [
  { id: 'name', label: 'Which trousers are these?' },
  { id: 'what', label: 'What they are' },
  { id: 'condition', label: 'Condition' },
  { id: 'care', label: 'Care' },
  { id: 'cost', label: 'Cost' },
]
</script>

<template>
  <StationFrame
    title="Source"
    lead="The trousers that will be taken apart: wash and dry them first, then measure."
  >
    <template #table>
      <TrousersDrawing v-if="project.source" :source="project.source" :joins="[]" :inches="isInches" />
      <EmptyTable
        v-else
        text="Lay the trousers flat, closed, and measure them. The drawing follows your numbers."
      />
    </template>
    <form class="grid gap-3" @submit.prevent="save">
      <PlainField
        v-for="l in lines"
        :key="l.id"
        :model-value="form.texts[l.id] ?? ''"
        :label="l.label"
        :name="'source.' + l.id"
        :problem="problem"
        @update:model-value="(t) => (form.texts[l.id] = t)"
        @change="saveIfSettled"
      />
      <h3 class="mt-2 text-lg">Measures</h3>
      <MeasureField
        v-for="m in measures"
        :key="m.id"
        :label="m.words"
        :value="form.measures[m.id] ?? ''"
        :name="'source.' + m.id"
        :problem="problem"
        @settle="(t) => settle(m.id, t)"
      />
      <h3 class="mt-2 text-lg">Cloth</h3>
      <PlainField
        :model-value="form.cloth.name ?? ''"
        label="Call the cloth"
        name="cloth.name"
        :problem="problem"
        @update:model-value="(t) => (form.cloth.name = t)"
        @change="saveIfSettled"
      />
      <PlainField
        :model-value="form.cloth.fibre ?? ''"
        label="Fibre"
        name="cloth.fibre"
        :problem="problem"
        @update:model-value="(t) => (form.cloth.fibre = t)"
        @change="saveIfSettled"
      />
      <div class="grid grid-cols-2 gap-3">
        <label class="text-sm text-muted"
          >Weave
          <select v-model="form.cloth.weave" class="field" @change="saveIfSettled">
            <option v-for="(w, k) in weaves" :key="k" :value="k">{{ w }}</option>
          </select>
        </label>
        <label class="text-sm text-muted"
          >Colour
          <input v-model="form.cloth.colour" type="color" class="field !p-0" @change="saveIfSettled" />
        </label>
      </div>
      <label class="text-sm text-muted"
        >Iron
        <select v-model="form.cloth.heat" class="field" @change="saveIfSettled">
          <option v-for="(h, k) in heats" :key="k" :value="k">{{ h }}</option>
        </select>
      </label>
      <MeasureField
        label="thickness of one layer"
        :value="form.cloth.thickness ?? ''"
        name="source.cloth.thickness"
        :problem="problem"
        @settle="(t) => ((form.cloth.thickness = t), saveIfSettled())"
      />
      <label class="flex min-h-9 items-center gap-3"
        ><input v-model="form.oneWay" type="checkbox" class="size-5 accent-madder" @change="saveIfSettled" />
        pile or print runs one way</label
      >
      <label class="flex min-h-9 items-center gap-3"
        ><input
          v-model="form.reversible"
          type="checkbox"
          class="size-5 accent-madder"
          @change="saveIfSettled"
        />
        both sides alike</label
      >
      <button v-if="!project.source" class="act act-main mt-2" :disabled="busy">Settle the source</button>
      <p class="text-sm text-muted">
        Thrifted cloth: wash or freeze it first. Buttons, coatings and old paint may hold lead; cloth treated
        against fire is not for skin.
      </p>
    </form>
  </StationFrame>
</template>
