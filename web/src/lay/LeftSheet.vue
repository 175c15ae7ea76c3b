<script setup lang="ts">
import { PackagePlus } from '@lucide/vue'
import { ref } from 'vue'
import type { Schemas } from '../api/client'

/** What the lay leaves over, piece by piece, and its way into the stash. */
const { remnants } = defineProps<{
  remnants: Schemas['RemnantView'][]
  stash: (which: number[]) => Promise<number>
}>()
const taken = defineModel<number[]>('taken', { required: true })
const told = ref('')
const tick = (i: number) => {
  taken.value = taken.value.includes(i) ? taken.value.filter((t) => t !== i) : [...taken.value, i]
}
</script>

<template>
  <div class="grid gap-3">
    <p class="text-sm text-muted">
      Largest rectangle along the grain, width × length; strips are told 4 cm wide, joined.
    </p>
    <ul v-if="remnants.length">
      <li v-for="(r, i) in remnants.slice(0, 12)" :key="i" class="border-t border-line py-1.5">
        <label class="flex min-h-8 items-start gap-2">
          <input
            type="checkbox"
            class="mt-1.5"
            :checked="taken.includes(i)"
            :aria-label="`Remnant ${r.size} of ${r.panel}`"
            @change="tick(i)"
          />
          <span>
            <b class="tabular-nums">{{ r.size || 'odd' }}</b>
            {{ ' ' }}<span class="text-muted">{{ r.panel.replace('-', ' ') }}</span>
            <span v-if="r.edges.length" class="block text-sm text-good">keeps {{ r.edges.join(', ') }}</span>
            <span v-if="r.straight || r.bias" class="block text-sm text-muted">
              <template v-if="r.straight">{{ r.straight }} of straight strips</template
              ><template v-if="r.straight && r.bias">, or </template
              ><template v-if="r.bias">{{ r.bias }} on the bias</template>
            </span>
            <span v-if="r.flaws.length" class="block text-sm text-madder"
              >{{ r.flaws.join(', ') }} on it</span
            >
          </span>
        </label>
      </li>
    </ul>
    <p v-else class="text-muted">Nothing of use is left over.</p>
    <button
      v-if="remnants.length"
      class="act justify-self-start"
      @click="
        stash(taken).then((n) => {
          told =
            n === 0
              ? 'They lie in the stash already.'
              : n === 1
                ? '1 remnant went to the stash.'
                : `${n} remnants went to the stash.`
        })
      "
    >
      <PackagePlus :size="18" />
      {{ taken.length ? `Put ${taken.length} into the stash` : 'Put all into the stash' }}
    </button>
    <p v-if="told" class="text-muted" role="status">{{ told }}</p>
  </div>
</template>
