<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take, type Schemas } from '../api/client'
import TickField from '../ui/TickField.vue'

/** What this table has: a plan asks for nothing else without saying what serves instead. */
type Tool = Schemas['ToolView']
const queries = useQueryClient()
const { data: tools } = useQuery({ queryKey: ['tools'], queryFn: () => take(api.GET('/api/tools')) })
const { mutate } = useMutation({
  mutationFn: (owned: Tool['tool'][]) => take(api.PUT('/api/tools', { body: { owned } })),
  onSuccess: (now) => {
    queries.setQueryData(['tools'], now)
    void queries.invalidateQueries({ queryKey: ['projects'] })
  },
})
const groups = computed(() =>
  (['MACHINE', 'TOOL', 'SKILL'] as const).map((kind) => ({
    kind,
    tools: (tools.value ?? []).filter((t) => t.kind === kind),
  })),
)
const missing = computed(() => (tools.value ?? []).filter((t) => !t.owned))
function own(tool: Tool['tool'], owned: boolean) {
  const now = (tools.value ?? []).filter((t) => (t.tool === tool ? owned : t.owned)).map((t) => t.tool)
  mutate(now)
}
</script>

<template>
  <section v-if="tools" class="mt-8">
    <h2 class="mb-1 text-3xl">At hand</h2>
    <p class="mb-3 text-muted">Untick what there is not: the steps then say what to do instead.</p>
    <div class="slip grid gap-x-8 p-4 md:grid-cols-3">
      <div v-for="g in groups" :key="g.kind">
        <h3 class="text-lg first-letter:uppercase">{{ g.tools[0]?.kindWords }}</h3>
        <TickField
          v-for="t in g.tools"
          :key="t.tool"
          :model-value="t.owned"
          :label="t.words"
          @update:model-value="(owned) => own(t.tool, owned)"
        />
      </div>
      <ul v-if="missing.length" class="mt-3 border-t border-line pt-2 text-[15px] text-muted md:col-span-3">
        <li v-for="t in missing" :key="t.tool">{{ t.instead }}</li>
      </ul>
    </div>
  </section>
</template>
