<script setup lang="ts">
/** A station: its drawing, large, and beside it the paper slip with what is asked now. */
defineProps<{ title: string; lead: string }>()
</script>

<template>
  <section class="grid gap-3 lg:min-h-0 lg:grid-cols-[minmax(0,1fr)_360px]">
    <div class="h-[62vh] min-h-[420px] lg:h-auto lg:min-h-0"><slot name="table" /></div>
    <aside class="slip p-4 lg:overflow-y-auto" tabindex="0" :aria-label="title">
      <h2 class="text-2xl">{{ title }}</h2>
      <p class="mb-4 text-muted">{{ lead }}</p>
      <slot />
    </aside>
  </section>
</template>
