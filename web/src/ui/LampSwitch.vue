<script setup lang="ts">
import { Moon, Sun } from '@lucide/vue'
import { useMediaQuery, useStorage } from '@vueuse/core'
import { computed, watchEffect } from 'vue'

/** By day or by lamp; follows the machine until somebody chooses. */
const chosen = useStorage<'day' | 'night' | ''>('lamp', '')
const machineDark = useMediaQuery('(prefers-color-scheme: dark)')
const isNight = computed(() => (chosen.value ? chosen.value === 'night' : machineDark.value))
watchEffect(() => (document.documentElement.dataset.lamp = chosen.value))
</script>

<template>
  <button
    class="act !px-2"
    :aria-label="isNight ? 'Daylight' : 'Lamplight'"
    :title="isNight ? 'Daylight' : 'Lamplight'"
    @click="chosen = isNight ? 'day' : 'night'"
  >
    <Sun v-if="isNight" :size="18" /><Moon v-else :size="18" />
  </button>
</template>
