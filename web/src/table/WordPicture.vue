<script setup lang="ts">
/** Small drawings of concepts: what is measured or sewn is in madder. */
defineProps<{ picture: string }>()
const ink: Record<string, string> = {
  seam: 'M6 8h22v34H6zM32 8h22v34H32z',
  hem: 'M8 6h44v34H8zM8 32h44',
  allowance: 'M8 8h44v34H8z',
  girth: 'M16 6q14-5 28 0v36q-14 6-28 0z',
  half: 'M12 8h36l4 34H8z',
  tuck: 'M18 6v36M42 6v36',
  dart: 'M8 10h44M8 10v32h44V10',
  gathers: 'M6 14q4-6 8 0t8 0 8 0 8 0 8 0 8 0M6 14L2 44h56l-4-30',
  placket: 'M20 6h20v38H20z',
  grain: 'M8 8h44v34H8z',
  insert: 'M8 44L24 6M52 44L36 6',
}
const red: Record<string, string> = {
  seam: 'M28 8v34M32 8v34',
  hem: 'M8 40h44M8 36h44',
  allowance: 'M14 14h32v22H14z',
  girth: 'M14 24q16 8 32 0',
  half: 'M10 25h40',
  tuck: 'M18 24h8l4-6 4 6h8M30 18v12',
  dart: 'M24 10l6 20 6-20',
  gathers: 'M6 12h48',
  placket: 'M30 6v38',
  grain: 'M30 12v26M26 16l4-4 4 4M26 34l4 4 4-4',
  insert: 'M24 6h12l14 38H10z',
}
</script>

<template>
  <svg viewBox="0 0 60 50" class="h-16 w-20 shrink-0" fill="none" stroke-width="2" aria-hidden="true">
    <path :d="ink[picture]" class="stroke-ink" />
    <path :d="red[picture]" class="stroke-madder" stroke-dasharray="4 2.5" />
  </svg>
</template>
