<script setup lang="ts">
defineProps<{ text: string }>()
</script>

<template>
  <div class="grid h-full place-items-center rounded-[3px] border border-dashed border-muted p-8 text-center">
    <div class="max-w-sm">
      <svg
        viewBox="0 0 120 70"
        class="mx-auto mb-4 w-40 text-muted"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
        aria-hidden="true"
      >
        <path d="M8 52q24-38 46-14t58-22" stroke-dasharray="7 5" />
        <circle cx="30" cy="56" r="7" />
        <circle cx="48" cy="58" r="7" />
        <path d="M35 51L74 22M43 53L62 20" />
      </svg>
      <p class="text-lg">{{ text }}</p>
      <div class="mt-4"><slot /></div>
    </div>
  </div>
</template>
