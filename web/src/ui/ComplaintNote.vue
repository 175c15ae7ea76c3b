<script setup lang="ts">
import { useUntold } from './problem'

/** Of a refusal what no field shows beside itself. */
const { of = [] } = defineProps<{ of?: readonly string[] }>()
const untold = useUntold(() => of)
</script>

<template>
  <p v-if="untold" class="text-madder" role="alert">{{ untold }}</p>
</template>
