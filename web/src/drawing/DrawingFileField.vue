<script setup lang="ts">
import { useAttempt } from '../api/useAttempt'
import { provideProblem } from '../ui/problem'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, shallowRef } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import ChoiceField from '../ui/ChoiceField.vue'

/**
 * A drawing from a file, and what one unit of it is where the file tells none or a wrong one; what was guessed and what was left out is said
 * under it.
 */
const { project } = defineProps<{ project: ProjectView; label: string; accept: string }>()
const emit = defineEmits<{ found: [outlines: Schemas['FoundView'][], name: string] }>()
const file = shallowRef<File>()
const one = ref('')
const told = ref<string[]>([])
const { problem, attempt } = useAttempt()
provideProblem(problem)
const units = useQuery({
  queryKey: ['drawing-units'],
  queryFn: () => take(api.GET('/api/tape/drawing-units')),
})
const choices = computed(() =>
  (units.data.value ?? []).map((u) => ({ id: u.unit as string, words: u.words })),
)
/** The answer that is waited for: an earlier one that comes late is none. */
let asked = 0
function choose(e: Event) {
  const chosen = (e.target as HTMLInputElement).files?.[0]
  if (!chosen) return
  file.value = chosen
  one.value = ''
  return read()
}
async function read() {
  const drawing = file.value
  if (!drawing) return
  const mine = ++asked
  const body = new FormData()
  body.append('drawing', drawing)
  const found = await attempt(() =>
    take(
      api.POST('/api/tape/file', {
        params: {
          query: {
            unit: project.unit,
            ...(one.value ? { one: one.value as Schemas['DrawingUnitView']['unit'] } : {}),
          },
        },
        body: body as never,
        bodySerializer: (f) => f as never,
      }),
    ),
  )
  if (mine !== asked) return
  told.value = found?.told ?? []
  emit('found', found?.outlines ?? [], drawing.name)
}
</script>

<template>
  <div class="grid gap-2">
    <label class="grid gap-1 text-sm text-muted"
      >{{ label }}
      <input type="file" :accept="accept" class="field" @change="choose" />
    </label>
    <p v-if="problem" class="text-madder" role="alert">{{ problem.detail }}</p>
    <ChoiceField
      v-if="file"
      v-model="one"
      label="One unit of the drawing is"
      empty="as the file says"
      :choices="choices"
      @change="read"
    />
    <p v-for="t in told" :key="t" class="text-stale">{{ t }}</p>
  </div>
</template>
