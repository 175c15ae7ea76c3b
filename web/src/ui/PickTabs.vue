<script setup lang="ts">
import { Tab, TabGroup, TabList } from '@headlessui/vue'
import { computed } from 'vue'

/** Things of which one is looked at: picked by a press, or by the arrows from one to the next. */
const { of, picked } = defineProps<{ of: { id: string; name: string }[]; picked: string; label: string }>()
const emit = defineEmits<{ pick: [id: string] }>()
const index = computed(() => of.findIndex((one) => one.id === picked))
</script>

<template>
  <TabGroup :selected-index="index" @change="(i: number) => of[i] && emit('pick', of[i].id)">
    <TabList class="contents" :aria-label="label">
      <Tab v-for="one in of" :key="one.id" v-slot="{ selected }" as="template">
        <button class="act" :class="{ 'act-main': selected }">{{ one.name }}</button>
      </Tab>
    </TabList>
  </TabGroup>
</template>
