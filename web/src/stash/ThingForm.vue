<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import type { Schemas } from '../api/client'
import OptionField from '../source/OptionField.vue'
import { useUnit } from '../account/useAccount'
import { useKinds } from '../source/useKinds'
import ChoiceField from '../ui/ChoiceField.vue'
import ComplaintNote from '../ui/ComplaintNote.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'
import { keepers, kinds, missed, notions, weaves } from './kinds'
import type { ThingBody } from './useStash'

/** Everything that is asked of a thing: first what a bag's label needs, the rest behind a fold. */
const { one, busy } = defineProps<{ one?: Schemas['OneThing']; busy: boolean }>()
const emit = defineEmits<{ store: [body: ThingBody]; leave: [] }>()
const garments = useKinds(useUnit())
const FIRST = 3
const t = one?.thing
const f = one?.form
const form = reactive({
  kind: t?.kind ?? ('SOURCE' as NonNullable<ThingBody['kind']>),
  name: t?.name ?? '',
  tag: {
    place: t?.tag.place ?? '',
    washed: t?.tag.washed ?? false,
    note: t?.tag.note ?? '',
    cost: t?.tag.cost ?? '',
    missed: t?.tag.missed ?? ('SOME' as const),
  },
  cloth: {
    name: t?.cloth?.name ?? '',
    weave: t?.cloth?.weave ?? ('PLAIN' as const),
    colour: t?.cloth?.colour ?? '#9a8f7c',
    heat: t?.cloth?.heat ?? ('ONE_DOT' as const),
  },
  size: {
    width: f?.size.width ?? '',
    length: f?.size.length ?? '',
    depth: f?.size.depth ?? '',
    stretch: f?.size.stretch ?? '',
    count: f?.size.count ?? '',
    diameter: f?.size.diameter ?? '',
    words: f?.size.words ?? '',
  },
  sourceKind: f?.sourceKind ?? ('TROUSERS' as NonNullable<ThingBody['sourceKind']>),
  keeper: f?.keeper ?? ('BUTTONS' as NonNullable<ThingBody['keeper']>),
  notion: f?.notion ?? ('ELASTIC' as NonNullable<ThingBody['notion']>),
  measures: { ...(f?.measures ?? {}) } as Record<string, string>,
})
const all = ref(false)
watch(
  () => form.sourceKind,
  () => (form.measures = {}),
)
const spec = computed(() => garments.value.find((k) => k.kind === form.sourceKind)?.measures ?? [])
const lengths = computed(() => spec.value.filter((m) => !m.options.length))
const shown = computed(() => (all.value ? spec.value : lengths.value.slice(0, FIRST)))
const isCloth = computed(() => !['KEEPER', 'NOTION'].includes(form.kind))
const isFlat = computed(() => ['LENGTH', 'PANEL', 'REMNANT'].includes(form.kind))
const isOutlined = computed(() => !!one && ['PANEL', 'REMNANT'].includes(form.kind))
const isLong = computed(() => notions.find((n) => n.id === form.notion)?.long ?? true)
const store = () => emit('store', JSON.parse(JSON.stringify(form)) as ThingBody)
</script>

<template>
  <form class="grid gap-3" novalidate @submit.prevent="store">
    <ChoiceField v-if="!one" v-model="form.kind" label="It is" :choices="[...kinds]" />
    <ChoiceField
      v-if="form.kind === 'SOURCE'"
      v-model="form.sourceKind"
      label="More exactly"
      :choices="garments.map((k) => ({ id: k.kind, words: k.words }))"
    />
    <ChoiceField
      v-if="form.kind === 'KEEPER'"
      v-model="form.keeper"
      label="More exactly"
      :choices="[...keepers]"
    />
    <ChoiceField
      v-if="form.kind === 'NOTION'"
      v-model="form.notion"
      label="More exactly"
      :choices="[...notions]"
    />
    <PlainField v-model="form.name" label="Call it" name="thing.name" />
    <template v-if="form.kind === 'SOURCE'">
      <template v-for="m in shown" :key="form.sourceKind + m.id">
        <OptionField
          v-if="m.options.length"
          :label="m.words"
          :options="m.options"
          :value="form.measures[m.id] ?? m.text"
          :proposed="!form.measures[m.id]"
          @settle="(text) => (form.measures[m.id] = text)"
        />
        <MeasureField
          v-else
          :label="m.words"
          :value="form.measures[m.id] ?? ''"
          :name="'thing.' + m.id"
          :hint="form.measures[m.id] ? undefined : `an average one has ${m.text}`"
          @settle="(text) => (form.measures[m.id] = text)"
        />
      </template>
      <button type="button" class="act justify-self-start" :aria-expanded="all" @click="all = !all">
        {{ all ? 'Only the first measures' : 'Every measure' }}
      </button>
      <p v-if="!all" class="text-sm text-muted">
        What is not measured follows an average one of that size until somebody measures it.
      </p>
    </template>
    <template v-if="isFlat && !isOutlined">
      <MeasureField
        label="across the grain"
        :value="form.size.width"
        name="thing.width"
        @settle="(text) => (form.size.width = text)"
      />
      <MeasureField
        label="along the grain"
        :value="form.size.length"
        name="thing.length"
        @settle="(text) => (form.size.length = text)"
      />
    </template>
    <template v-if="form.kind === 'KEEPER'">
      <template v-if="form.keeper === 'BUTTONS'">
        <PlainField v-model="form.size.count" label="How many" name="thing.count" />
        <MeasureField
          label="across, mm"
          :value="form.size.diameter"
          name="thing.diameter"
          @settle="(text) => (form.size.diameter = text)"
        />
      </template>
      <template v-else>
        <MeasureField
          label="long, at rest"
          :value="form.size.length"
          name="thing.length"
          @settle="(text) => (form.size.length = text)"
        />
        <MeasureField
          label="deep"
          :value="form.size.depth"
          name="thing.depth"
          @settle="(text) => (form.size.depth = text)"
        />
        <PlainField
          v-model="form.size.stretch"
          label="Gives by, of its length (10 cm that pull out to 16 give by 60 %)"
          name="thing.stretch"
        />
      </template>
    </template>
    <template v-if="form.kind === 'NOTION'">
      <MeasureField
        v-if="isLong"
        label="how long"
        :value="form.size.length"
        name="thing.length"
        @settle="(text) => (form.size.length = text)"
      />
      <PlainField v-else v-model="form.size.count" label="How many" name="thing.count" />
      <PlainField v-model="form.size.words" label="Size, as on the packet" name="thing.size" />
    </template>
    <template v-if="isCloth">
      <PlainField v-model="form.cloth.name" label="Its cloth" name="cloth.name" />
      <div class="grid grid-cols-2 gap-3">
        <ChoiceField v-model="form.cloth.weave" label="Weave" :choices="[...weaves]" />
        <label class="text-sm text-muted"
          >Colour
          <input v-model="form.cloth.colour" type="color" class="field !p-0" />
        </label>
      </div>
    </template>
    <PlainField
      v-else-if="form.kind === 'KEEPER'"
      v-model="form.cloth.name"
      label="What it is of"
      name="cloth.name"
    />
    <PlainField v-model="form.tag.place" label="Where it lies" name="thing.place" />
    <TickField v-model="form.tag.washed" label="washed since it came" />
    <details>
      <summary class="min-h-8 cursor-pointer text-muted">Cost, note, how it would be missed</summary>
      <div class="grid gap-3 pt-2">
        <PlainField v-model="form.tag.cost" label="Cost" name="thing.cost" />
        <PlainField v-model="form.tag.note" label="It may become" name="thing.note" />
        <ChoiceField v-model="form.tag.missed" label="It would be" :choices="[...missed]" />
      </div>
    </details>
    <ComplaintNote :of="['thing', 'cloth', 'measures', 'source', 'hold']" />
    <div class="flex flex-wrap gap-2">
      <button class="act act-main" :disabled="busy">
        {{ one ? 'Keep it so' : 'Put it into the stash' }}
      </button>
      <button type="button" class="act" @click="emit('leave')">Leave it</button>
    </div>
  </form>
</template>
