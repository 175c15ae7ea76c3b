<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { accountKey, useUnit } from '../account/useAccount'
import { api, take } from '../api/client'
import { useAttempt } from '../api/useAttempt'
import ChoiceField from '../ui/ChoiceField.vue'

/** What lengths are told in where no project and no person says: in the stash, at the stall, in what is begun. */
const queries = useQueryClient()
const unit = useUnit()
const { problem, attempt } = useAttempt()
const units = [
  { id: 'CM', words: 'centimetres' },
  { id: 'MM', words: 'millimetres' },
  { id: 'INCH', words: 'inches' },
] as const
async function think(to: (typeof units)[number]['id']) {
  const now = await attempt(() => take(api.PUT('/api/account/unit', { body: { unit: to } })))
  if (!now) return
  queries.setQueryData(accountKey, now)
  // Every list tells lengths: what was told in the other unit is asked for anew.
  await queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== accountKey[0] })
}
</script>

<template>
  <section class="mt-8">
    <h2 class="mb-1 text-3xl">Lengths</h2>
    <p class="mb-3 text-muted">
      The stash tells them so, and what is begun starts with it. A person and a project keep their own; a
      length typed with its unit is always understood.
    </p>
    <div class="slip max-w-sm p-4">
      <ChoiceField
        :model-value="unit"
        label="Told in"
        :choices="[...units]"
        @update:model-value="(to) => think(to as 'CM')"
      />
      <p v-if="problem" class="text-madder" role="alert">{{ problem.detail }}</p>
    </div>
  </section>
</template>
