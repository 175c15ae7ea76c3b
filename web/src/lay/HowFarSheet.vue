<script setup lang="ts">
import { provideProblem } from '../ui/problem'
import { computed, ref, toRef } from 'vue'
import type { Problem, ProjectView, Schemas } from '../api/client'
import ChoiceField from '../ui/ChoiceField.vue'
import PlainField from '../ui/PlainField.vue'

/** How large a free size may be on this cloth, and how little cloth by the metre the pieces would take. */
const { project, problem } = defineProps<{ project: ProjectView; busy: boolean; problem?: Problem }>()
provideProblem(toRef(() => problem))
const emit = defineEmits<{
  large: [order: number, dimension: string]
  little: [width: string, cloth: Role, printed: string]
}>()
type Role = Schemas['RoleView']['role']
const sizes = computed(() =>
  (project.pieces?.orders ?? []).flatMap((o, i) =>
    o.dimensions
      .filter((d) => ['LENGTH', 'SHARE', 'COUNT'].includes(d.kind))
      .map((d) => ({ id: `${i}/${d.id}`, words: `${d.words}, now ${d.text || d.usual}` })),
  ),
)
const size = ref('')
const width = ref(project.unit === 'INCH' ? '55 in' : '140 cm')
const printed = ref('')
/** Only what pieces are cut from can be asked for. */
const roles = computed(() => project.roles.filter((r) => r.pieces > 0))
const cloth = ref<Role>(roles.value[0]?.role ?? 'SHELL')
function large() {
  const [order, dimension] = size.value.split('/')
  emit('large', Number(order), dimension ?? '')
}
</script>

<template>
  <div class="grid gap-5">
    <section v-if="sizes.length && project.lay" class="grid gap-2">
      <h3 class="text-lg">The largest that fits</h3>
      <p class="text-sm text-muted">
        A size is raised as far as this cloth allows, everything else as it is.
      </p>
      <ChoiceField v-model="size" label="Size" :choices="sizes" empty="Choose a size" />
      <button class="act justify-self-start" :disabled="busy || !size" @click="large">
        Try how far it goes
      </button>
    </section>
    <p v-else class="text-muted">
      {{
        project.lay
          ? 'Entered pieces have no free size; a drafted garment has.'
          : 'Lay the pieces first; then it can be tried how far a size goes.'
      }}
    </p>
    <section class="grid gap-2">
      <h3 class="text-lg">How little cloth</h3>
      <p class="text-sm text-muted">
        The least length of cloth by the metre, selvedges left out, and what each rule that is given up would
        save. Does a pattern print how much it asks for? Then it is told how far that is from what these
        pieces take, and from the cloth you have.
      </p>
      <div class="grid grid-cols-2 gap-3">
        <PlainField v-model="width" label="Width of the cloth" name="width" />
        <ChoiceField
          v-model="cloth"
          label="Pieces of"
          :choices="roles.map((r) => ({ id: r.role, words: r.words }))"
        />
        <PlainField v-model="printed" label="Printed length, if any" name="printed" />
      </div>
      <button
        class="act justify-self-start"
        :disabled="busy || !roles.length"
        @click="emit('little', width, cloth, printed)"
      >
        Find the least length
      </button>
    </section>
  </div>
</template>
