<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, take } from '../api/client'
import LampSwitch from '../ui/LampSwitch.vue'
import WordPicture from './WordPicture.vue'

/** Words of the sewing room, found by whatever one calls them. */
const said = ref('')
const settled = refDebounced(said, 150)
const { data: terms } = useQuery(
  computed(() => ({
    queryKey: ['words', settled.value],
    queryFn: () => take(api.GET('/api/words', { params: { query: { said: settled.value } } })),
    placeholderData: (before: unknown) => before as never,
  })),
)
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center gap-4 border-b border-line bg-paper px-5 py-3">
      <RouterLink to="/" class="font-serif text-2xl text-madder">Hand Down</RouterLink>
      <span class="grow" />
      <LampSwitch />
    </header>
    <main class="mx-auto max-w-4xl p-5">
      <h1 class="mb-3 text-3xl">Words</h1>
      <label class="mb-5 block max-w-md">
        <span class="text-sm text-muted">What do you call it?</span>
        <input v-model="said" class="field" maxlength="80" placeholder="diameter, ruching, pit to pit …" />
      </label>
      <p v-if="terms?.length === 0" class="text-muted" role="status">
        No word here for “{{ settled }}”. Try another name for it, or clear the field to see them all.
      </p>
      <ul class="grid gap-3 md:grid-cols-2">
        <li v-for="t in terms ?? []" :key="t.term" class="slip flex gap-4 p-4">
          <WordPicture v-if="t.picture" :picture="t.picture" />
          <div>
            <h2 class="font-serif text-xl first-letter:uppercase">{{ t.term }}</h2>
            <p class="first-letter:uppercase">{{ t.meaning }}.</p>
            <p v-if="t.said.length" class="text-sm text-muted">also said: {{ t.said.join(', ') }}</p>
            <p v-if="t.watch" class="mt-1 text-[15px] text-stale">{{ t.watch }}</p>
          </div>
        </li>
      </ul>
    </main>
  </div>
</template>
