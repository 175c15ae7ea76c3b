<script setup lang="ts">
import { Upload } from '@lucide/vue'
import { ref } from 'vue'

/** What somebody has in mind who begins: each has a door of its own. */
defineProps<{ busy: boolean }>()
const emit = defineEmits<{
  named: [name: string]
  altered: [way: 'LET_OUT' | 'TAKE_IN' | 'ALTER']
  example: []
  brought: [file: File]
}>()
const name = ref('')
const picker = ref<HTMLInputElement>()
function bring(e: Event) {
  const input = e.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) emit('brought', file)
  input.value = ''
}
</script>

<template>
  <section id="begin" aria-labelledby="begin-title" class="mb-10">
    <h2 id="begin-title" class="mb-3 text-3xl">What have you in mind?</h2>
    <ul class="grid gap-3 md:grid-cols-2 lg:grid-cols-4">
      <li class="slip grid content-between gap-3 p-4">
        <div>
          <h3 class="text-xl">A garment in the hand</h3>
          <p class="text-[15px] text-muted">
            Its kind and three measures are enough: what it would make is laid on it at once.
          </p>
        </div>
        <p class="flex flex-wrap gap-2">
          <RouterLink class="act grow" to="/stash?put=SOURCE">Put it in</RouterLink>
          <RouterLink class="act grow" to="/stall">Not bought yet</RouterLink>
        </p>
      </li>
      <li class="slip grid content-between gap-3 p-4">
        <div>
          <h3 class="text-xl">A wish</h3>
          <p class="text-[15px] text-muted">
            Something for somebody, tried on every garment of the stash that is free.
          </p>
        </div>
        <RouterLink class="act" to="/ideas">From what?</RouterLink>
      </li>
      <li class="slip grid content-between gap-3 p-4">
        <div>
          <h3 class="text-xl">An alteration</h3>
          <p class="text-[15px] text-muted">
            The garment stays sewn: it shall fit again, or be shortened, opened, cut out at the neck, let
            into.
          </p>
        </div>
        <p class="flex flex-wrap gap-2">
          <button class="act grow" :disabled="busy" @click="emit('altered', 'LET_OUT')">Let it out</button>
          <button class="act grow" :disabled="busy" @click="emit('altered', 'TAKE_IN')">Take it in</button>
          <button class="act grow" :disabled="busy" @click="emit('altered', 'ALTER')">Change it</button>
        </p>
      </li>
      <li class="slip grid content-between gap-3 p-4">
        <div>
          <h3 class="text-xl">Just try</h3>
          <p class="text-[15px] text-muted">
            Trousers become dungarees for a small child, laid and ready to be played with.
          </p>
        </div>
        <button class="act" :disabled="busy" @click="emit('example')">Show me</button>
      </li>
    </ul>
    <form class="mt-4 flex flex-wrap items-end gap-3" @submit.prevent="emit('named', name)">
      <label class="grow md:max-w-sm">
        <span class="text-sm text-muted">Name of a new project</span>
        <input v-model="name" class="field" maxlength="120" placeholder="Dungarees for …" />
      </label>
      <button class="act act-main" :disabled="busy || !name.trim()">Begin</button>
      <button type="button" class="act" @click="picker?.click()">
        <Upload :size="18" /> Bring a project file
      </button>
      <input
        ref="picker"
        type="file"
        accept="application/json,.json"
        class="hidden"
        aria-label="Project file"
        @change="bring"
      />
    </form>
  </section>
</template>
