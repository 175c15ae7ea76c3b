<script setup lang="ts">
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'

/** Where a project goes by other figures of common practice than its household does by now. */
defineProps<{ practice: Schemas['PracticeView'][] }>()
const { change, busy } = useHand()
const takeOver = () => change((at) => api.POST('/api/projects/{id}/practice', { params: at }))
</script>

<template>
  <section v-if="practice.length" class="mt-2 border-t border-line pt-3">
    <h3 class="text-lg">Figures it goes by</h3>
    <p class="text-sm text-muted">Begun under other figures than the household has now:</p>
    <ul class="text-[15px]">
      <li v-for="p in practice" :key="p.words">
        {{ p.words }}: {{ p.here }} here, {{ p.household }} in the household
      </li>
    </ul>
    <button type="button" class="act mt-2" :disabled="busy" @click="takeOver">
      Take the household's over
    </button>
  </section>
</template>
