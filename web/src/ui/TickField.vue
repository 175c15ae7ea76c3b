<script setup lang="ts">
/** Yes or no. */
const ticked = defineModel<boolean>({ required: true })
defineProps<{ label: string }>()
const emit = defineEmits<{ change: [] }>()
</script>

<template>
  <label class="flex min-h-9 items-center gap-3"
    ><input v-model="ticked" type="checkbox" class="size-5 accent-madder" @change="emit('change')" />
    {{ label }}</label
  >
</template>
