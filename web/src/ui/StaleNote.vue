<script setup lang="ts">
defineProps<{ sentence: string; redo?: string; busy?: boolean }>()
const emit = defineEmits<{ redo: [] }>()
</script>

<template>
  <div class="slip mb-4 border-l-4 border-l-stale p-4" role="status">
    <p class="font-semibold text-stale">Loose threads</p>
    <p>{{ sentence }}</p>
    <button v-if="redo" class="act act-main mt-3" :disabled="busy" @click="emit('redo')">{{ redo }}</button>
  </div>
</template>
