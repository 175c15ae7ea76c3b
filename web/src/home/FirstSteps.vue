<script setup lang="ts">
/** What happens here, for a household that has nothing yet. */
const trousers = {
  body: 'M70 20h340l40 420-20 620H270L240 470l-30 590H50L30 440z',
  detail: 'M70 60h340M240 60v330q0 60 0 80M90 62q20 90 -40 130M390 62q-20 90 40 130M50 1022h158M272 1022h158',
}
const legs = [
  'M30 40h150l30 260-10 420H60L20 300z',
  'M270 40h170l20 300-30 380H290L250 320z',
  'M30 780h410v150H30z',
]
const laid = [
  'M52 420h60l16 280H70z',
  'M126 430h62l-4 270h-50z',
  'M284 420h64l8 280h-62z',
  'M364 430h60l-12 270h-44z',
  'M60 200h110l16 150H44z',
  'M286 90h140v34H286z',
  'M286 150h140v34H286z',
  'M60 820h120v70H60z',
  'M220 820h60v70h-60z',
  'M300 820h60v70h-60z',
]
const dungarees =
  'M150 60h60v180h60V60h60v230l60 60v560H270l-30-330-30 330H90V350l60-60z M150 290h180 M170 330h140v110H170z'
</script>

<template>
  <ol class="mb-8 grid gap-4 sm:grid-cols-3" aria-label="How it goes">
    <li class="slip grid grid-cols-[6.5rem_1fr] items-center gap-4 p-4">
      <svg viewBox="0 0 480 1080" class="h-36 w-full" aria-hidden="true">
        <path :d="trousers.body" class="fill-table stroke-ink" stroke-width="8" />
        <path :d="trousers.detail" class="fill-none stroke-muted" stroke-width="5" stroke-dasharray="16 10" />
      </svg>
      <p>
        <b class="block font-serif text-lg">What there is</b>A garment or a cloth, with three measures and
        where it lies.
      </p>
    </li>
    <li class="slip grid grid-cols-[6.5rem_1fr] items-center gap-4 p-4">
      <svg viewBox="0 0 480 960" class="h-36 w-full" aria-hidden="true">
        <path v-for="d in legs" :key="d" :d="d" class="fill-table stroke-line" stroke-width="7" />
        <path v-for="d in laid" :key="d" :d="d" class="fill-paper stroke-ink" stroke-width="6" />
      </svg>
      <p>
        <b class="block font-serif text-lg">What it gives</b>Taken apart on paper, and the new pieces really
        laid on its cloth, old hems kept.
      </p>
    </li>
    <li class="slip grid grid-cols-[6.5rem_1fr] items-center gap-4 p-4">
      <svg viewBox="60 40 360 900" class="h-36 w-full" aria-hidden="true">
        <path :d="dungarees" class="fill-paper stroke-ink" stroke-width="8" />
      </svg>
      <p>
        <b class="block font-serif text-lg">What it becomes</b>Step by step, with a halt before every cut that
        cannot be undone.
      </p>
    </li>
  </ol>
</template>
