<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, take, type ProjectView } from '../api/client'
import { usePreview } from '../api/usePreview'
import { useHand } from '../project/hand'
import TickField from '../ui/TickField.vue'

/** Panels that are pieces as they are: what they measure alone and sewn side to side, and taken into the pattern. */
const { project, panel } = defineProps<{ project: ProjectView; panel: ProjectView['panels'][number] }>()
const { change, busy } = useHand()
const others = ref<string[]>([])
const turned = ref(false)
/** Of every source: a sleeve of one and a leg of the other make one ring. */
const { data: all } = useQuery(
  computed(() => ({
    queryKey: ['whole panels', project.id, project.version],
    queryFn: () => take(api.GET('/api/projects/{id}/whole-panels', { params: { path: { id: project.id } } })),
    placeholderData: (before: unknown) => before as never,
  })),
)
const own = computed(() => (project.inHand ? `${project.inHand}.${panel.id}` : panel.id))
const there = computed(() => (all.value ?? []).filter((p) => p.id !== own.value))
const chosen = computed(() => [
  own.value,
  ...there.value.map((p) => p.id).filter((id) => others.value.includes(id)),
])
const asked = computed(() => ({ panels: chosen.value, turned: turned.value }))
const { made: whole, problem } = usePreview(
  () => ['whole panels', project.id, project.version, own.value],
  () => asked.value,
  (body, signal) =>
    take(
      api.POST('/api/projects/{id}/whole-panels/figures', {
        params: { path: { id: project.id } },
        body,
        signal,
      }),
    ),
  { restMs: 0 },
)
const takeThem = () =>
  change((params) => api.POST('/api/projects/{id}/whole-panels', { params, body: asked.value }))
</script>

<template>
  <section class="grid gap-2 border-t border-line pt-3">
    <h3 class="text-lg">Taken whole</h3>
    <p class="text-sm text-muted">
      A panel can be the piece: sleeves become a skirt, a leg a bag. Cut where the cloth ends, sewn where it
      was sewn.
    </p>
    <fieldset v-if="there.length">
      <legend class="text-sm text-muted">{{ panel.name }}, and beside it</legend>
      <label v-for="p in there" :key="p.id" class="flex min-h-9 items-center gap-3"
        ><input v-model="others" type="checkbox" :value="p.id" class="size-5 accent-madder" />
        {{ p.name }}</label
      >
    </fieldset>
    <TickField v-model="turned" label="upside down: the lower end becomes the waist" />
    <p v-if="problem" class="text-stale">{{ problem.detail }}</p>
    <template v-if="whole">
      <table class="w-full text-[15px] tabular-nums">
        <thead>
          <tr class="text-left text-sm text-muted">
            <th class="font-normal">panel</th>
            <th class="font-normal">above</th>
            <th class="font-normal">below</th>
            <th class="font-normal">long</th>
            <th class="font-normal">wedge</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="g in whole.gores" :key="g.name" class="border-t border-line">
            <td class="py-1">{{ g.name }}</td>
            <td>{{ g.upper }}</td>
            <td>{{ g.lower }}</td>
            <td>{{ g.length }}</td>
            <td>{{ g.wedge }}°</td>
          </tr>
        </tbody>
      </table>
      <p v-for="s in whole.sentences" :key="s">{{ s }}</p>
      <button class="act justify-self-start" :disabled="busy" @click="takeThem">
        Take {{ chosen.length > 1 ? 'them' : 'it' }} whole as {{ chosen.length > 1 ? 'pieces' : 'a piece' }}
      </button>
    </template>
  </section>
</template>
