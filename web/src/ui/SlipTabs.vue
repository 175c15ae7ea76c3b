<script setup lang="ts">
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'

/** Sheets of one slip: one lies open, the others show their names. The open one is kept by its name: others may come and go beside it. */
const { tabs } = defineProps<{ tabs: { id: string; name: string; note?: string }[] }>()
const emit = defineEmits<{ open: [id: string] }>()
const open = ref(tabs[0]?.id ?? '')
const index = computed(() =>
  Math.max(
    0,
    tabs.findIndex((t) => t.id === open.value),
  ),
)
watch(index, (i) => (open.value = tabs[i]?.id ?? ''))
function choose(i: number) {
  open.value = tabs[i]?.id ?? ''
  emit('open', open.value)
}
/** A door from one sheet to another. */
defineExpose({ turnTo: (id: string) => (open.value = id) })
</script>

<template>
  <TabGroup :selected-index="index" @change="choose">
    <TabList class="mb-3 flex flex-wrap gap-x-4 border-b border-line">
      <Tab v-for="t in tabs" :key="t.id" v-slot="{ selected }" as="template">
        <button
          class="-mb-px min-h-9 border-b-2 px-0.5"
          :class="selected ? 'border-madder font-semibold' : 'border-transparent text-muted'"
        >
          {{ t.name
          }}<span v-if="t.note" class="ml-1 rounded-full bg-table px-1.5 text-sm">{{ t.note }}</span>
        </button>
      </Tab>
    </TabList>
    <TabPanels>
      <TabPanel v-for="t in tabs" :key="t.id" class="focus:outline-none" :tabindex="-1"
        ><slot :name="t.id"
      /></TabPanel>
    </TabPanels>
  </TabGroup>
</template>
