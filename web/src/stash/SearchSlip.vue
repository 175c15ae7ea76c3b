<script setup lang="ts">
import { computed } from 'vue'
import { Search } from '@lucide/vue'
import ChoiceField from '../ui/ChoiceField.vue'
import ComplaintNote from '../ui/ComplaintNote.vue'
import MeasureField from '../ui/MeasureField.vue'
import PlainField from '../ui/PlainField.vue'
import TickField from '../ui/TickField.vue'
import { colours, kinds, missed, roles, weaves } from './kinds'
import type { Stash, Wanted } from './useStash'

/** What is looked for: by a name or code, by what it shall do and how large it must be, and what narrows the list. */
const { stash } = defineProps<{ stash: Stash }>()
const { wanted, look, lookForAnything, busy } = stash
const size = computed(() => wanted.size ?? {})
const set = (of: keyof NonNullable<Wanted['size']>, text: string) =>
  (wanted.size = { ...wanted.size, [of]: text })
const role = computed({
  get: () => wanted.role ?? 'ANYTHING',
  set: (r) => {
    wanted.role = r
    wanted.size = {}
  },
})
const isFlat = computed(() => role.value === 'SHEET' || role.value === 'STRIP')
const kind = computed({ get: () => wanted.kind ?? '', set: (k) => (wanted.kind = k || undefined) })
const weave = computed({ get: () => wanted.weave ?? '', set: (w) => (wanted.weave = w || undefined) })
const dear = computed({ get: () => wanted.missed ?? '', set: (m) => (wanted.missed = m || undefined) })
const colour = computed({ get: () => wanted.colour ?? '', set: (c) => (wanted.colour = c || undefined) })
const way = computed({
  get: () => (wanted.knit === true ? 'KNIT' : wanted.knit === false ? 'WOVEN' : ''),
  set: (w) => (wanted.knit = w === '' ? undefined : w === 'KNIT'),
})
const bears = computed({ get: () => wanted.bears ?? '', set: (h) => (wanted.bears = h || undefined) })
const used = computed({ get: () => wanted.used ?? false, set: (u) => (wanted.used = u || undefined) })
const places = computed(() => stash.shelf.value?.places ?? [])
/** What has a size is looked for by its button; the rest at once. */
const narrow = () => (role.value === 'ANYTHING' ? look() : undefined)
</script>

<template>
  <form class="slip grid gap-3 p-4" novalidate @submit.prevent="look()">
    <PlainField
      :model-value="wanted.text ?? ''"
      label="Name, cloth, place, or the code on the bag"
      name="sought.text"
      @update:model-value="(t) => (wanted.text = t)"
    />
    <ChoiceField v-model="role" label="It shall be" :choices="[...roles]" @change="narrow" />
    <template v-if="isFlat">
      <MeasureField
        label="across the grain, at least"
        :value="size.across ?? ''"
        name="sought.across"
        @settle="(t) => set('across', t)"
      />
      <MeasureField
        label="along the grain, at least"
        :value="size.along ?? ''"
        name="sought.along"
        @settle="(t) => set('along', t)"
      />
      <ChoiceField
        v-model="way"
        label="Its cloth"
        empty="woven or knit"
        :choices="[
          { id: 'WOVEN', words: 'does not run: woven, felt' },
          { id: 'KNIT', words: 'knit' },
        ]"
      />
      <ChoiceField
        v-model="bears"
        label="It bears"
        empty="any iron, or none"
        :choices="[
          { id: 'ONE_DOT', words: 'one dot, 110 °C' },
          { id: 'TWO_DOTS', words: 'two dots, 150 °C' },
          { id: 'THREE_DOTS', words: 'three dots, 200 °C' },
        ]"
      />
    </template>
    <template v-else-if="role === 'BUTTONS'">
      <PlainField
        :model-value="size.count ?? ''"
        label="How many"
        name="sought.count"
        @update:model-value="(t) => set('count', t)"
      />
      <MeasureField
        label="across, mm"
        :value="size.diameter ?? ''"
        name="sought.diameter"
        hint="a millimetre more or less will do; empty for any"
        @settle="(t) => set('diameter', t)"
      />
    </template>
    <MeasureField
      v-else-if="role === 'RIB'"
      label="girth that it must pass"
      :value="size.passes ?? ''"
      name="sought.passes"
      @settle="(t) => set('passes', t)"
    />
    <MeasureField
      v-else-if="role !== 'ANYTHING'"
      label="long, at least"
      :value="size.along ?? ''"
      name="sought.along"
      @settle="(t) => set('along', t)"
    />
    <ComplaintNote :of="['sought']" />
    <div class="flex flex-wrap gap-2">
      <button class="act act-main" :disabled="busy"><Search :size="18" /> Look</button>
      <button type="button" class="act" @click="lookForAnything">Everything again</button>
    </div>
    <details>
      <summary class="min-h-8 cursor-pointer text-muted">Only some of it</summary>
      <div class="grid gap-3 pt-2">
        <ChoiceField v-model="kind" label="Kind" empty="every kind" :choices="[...kinds]" @change="narrow" />
        <ChoiceField
          :model-value="wanted.place ?? ''"
          label="Place"
          empty="every place"
          :choices="places.map((p) => ({ id: p, words: p }))"
          @update:model-value="(p) => (wanted.place = p)"
          @change="narrow"
        />
        <ChoiceField
          v-model="weave"
          label="Cloth"
          empty="every cloth"
          :choices="[...weaves]"
          @change="narrow"
        />
        <ChoiceField
          v-model="colour"
          label="Colour"
          empty="every colour"
          :choices="[...colours]"
          @change="narrow"
        />
        <ChoiceField
          v-model="dear"
          label="It would be"
          empty="missed or not"
          :choices="[...missed]"
          @change="narrow"
        />
        <TickField v-model="used" label="what is used up too" @change="narrow" />
      </div>
    </details>
  </form>
</template>
