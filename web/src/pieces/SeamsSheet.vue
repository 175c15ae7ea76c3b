<script setup lang="ts">
import type { Schemas } from '../api/client'

/** Every seam walked along its stitch lines, notch to notch; the picked one is drawn strongly on the table. */
defineProps<{ walks: Schemas['WalkView'][]; picked?: string }>()
const emit = defineEmits<{ pick: [name: string] }>()
</script>

<template>
  <div class="grid gap-2">
    <h3 class="text-lg">Edges that will be sewn together</h3>
    <p v-if="!walks.length" class="text-muted">
      Nobody has said yet which edges meet. Say it under Changes, and they can be walked here.
    </p>
    <ul>
      <li
        v-for="w in walks"
        :key="w.name"
        class="border-t border-line"
        :class="picked === w.name ? 'bg-table' : ''"
      >
        <button class="w-full py-1 text-left" :aria-pressed="picked === w.name" @click="emit('pick', w.name)">
          <span class="flex gap-2">
            <span class="grow first-letter:uppercase">{{ w.name }}</span>
            <b :class="w.agrees ? 'text-good' : 'text-madder'">{{ w.agrees ? 'agree' : 'differ' }}</b>
          </span>
          <span class="block text-sm text-muted">{{ w.one }} against {{ w.other }}</span>
          <span
            v-if="w.sentence !== 'agree'"
            class="block text-sm"
            :class="w.agrees ? 'text-muted' : 'text-madder'"
            >{{ w.sentence }}</span
          >
        </button>
        <table v-if="picked === w.name && w.stretches.length" class="mb-2 w-full text-sm">
          <caption class="text-left text-muted">
            From mark to mark
          </caption>
          <tbody>
            <tr v-for="(s, i) in w.stretches" :key="i" class="border-t border-line">
              <td>{{ s.from }} → {{ s.to }}</td>
              <td class="text-right">{{ s.one }}</td>
              <td class="text-right">{{ s.other }}</td>
              <td class="text-right">{{ s.difference }}</td>
            </tr>
          </tbody>
        </table>
      </li>
    </ul>
  </div>
</template>
