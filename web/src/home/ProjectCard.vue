<script setup lang="ts">
import { Copy, Inbox, Pencil, Trash2, Undo2 } from '@lucide/vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref } from 'vue'
import { api, take } from '../api/client'
import SmallSheets from '../drawing/SmallSheets.vue'
import { inWords } from '../ui/days'
import { stationSlugs, stationWords } from '../project/stations'
import type { Standing } from './useShelf'

/** A project among others: its picture, how far it is, and what comes next. */
const { project } = defineProps<{ project: Standing; busy: boolean }>()
const emit = defineEmits<{ rename: [name: string]; copy: []; aside: []; throwAway: [] }>()
/** One that was stored before pictures were kept is asked for its own. */
const { data: made } = useQuery(
  computed(() => ({
    queryKey: ['glance', project.id, project.version],
    enabled: !project.glance,
    queryFn: () => take(api.POST('/api/projects/{id}/glance', { params: { path: { id: project.id } } })),
    retry: false,
  })),
)
const glance = computed(() => project.glance ?? made.value)
const lying = computed(
  () => glance.value?.placed.map((p, i) => ({ key: String(i), sheet: p.panel, ring: p.ring })) ?? [],
)
const shows = { LAY: 'laid', PANELS: 'its cloth', SOURCE: 'its source', PIECES: 'its pieces', NOTHING: '' }
const name = ref<string>()
const field = ref<HTMLInputElement>()
async function write() {
  name.value = project.name
  await nextTick()
  field.value?.select()
}
function settle() {
  const said = name.value?.trim()
  name.value = undefined
  if (said && said !== project.name) emit('rename', said)
}
const goal = computed(() => {
  const next = glance.value?.next
  return next
    ? { name: 'station', params: { id: project.id, station: stationSlugs[next] } }
    : { name: 'project', params: { id: project.id } }
})
</script>

<template>
  <article
    class="slip grid w-full grid-cols-[7rem_1fr] gap-x-3 gap-y-2 p-3 sm:grid-cols-1 sm:grid-rows-[auto_1fr_auto]"
    :aria-label="project.name"
  >
    <RouterLink
      :to="{ name: 'project', params: { id: project.id } }"
      class="block rounded hover:bg-table"
      :aria-label="`Open ${project.name}`"
    >
      <SmallSheets
        v-if="glance?.panels.length"
        :sheets="glance.panels"
        :lying="lying"
        :name="`${project.name}, ${shows[glance.shows]}`"
      />
      <span v-else class="grid aspect-square w-full place-items-center text-sm text-muted">
        {{ glance ? 'Nothing to be drawn yet.' : '' }}
      </span>
    </RouterLink>
    <div>
      <input
        v-if="name !== undefined"
        ref="field"
        v-model="name"
        class="field"
        maxlength="120"
        aria-label="Name of the project"
        @keydown.enter="settle"
        @keydown.esc="name = undefined"
        @blur="settle"
      />
      <RouterLink
        v-else
        :to="{ name: 'project', params: { id: project.id } }"
        class="block font-serif text-xl leading-snug break-words hover:underline"
        >{{ project.name }}</RouterLink
      >
      <template v-if="glance">
        <p
          class="mt-2 flex gap-1"
          role="img"
          :aria-label="`${glance.settled} of ${glance.stations} stations settled`"
        >
          <span
            v-for="n in glance.stations"
            :key="n"
            class="h-1 grow rounded-full"
            :class="n <= glance.settled ? 'bg-madder' : 'bg-line'"
          />
        </p>
        <p class="mt-1 text-[15px]">
          <RouterLink v-if="glance.next" :to="goal" class="font-semibold underline">{{
            stationWords[glance.next]
          }}</RouterLink><template v-if="glance.next">: </template>{{ glance.sentence }}
        </p>
      </template>
      <p class="text-sm text-muted">last worked on {{ inWords(project.updatedAt) }}</p>
    </div>
    <p class="col-start-2 flex flex-wrap gap-1 sm:col-start-1">
      <button class="act !px-2" title="Rename" :aria-label="`Rename ${project.name}`" @click="write">
        <Pencil :size="16" />
      </button>
      <button
        class="act !px-2"
        title="Copy as a variant"
        :aria-label="`Copy ${project.name} as a variant`"
        :disabled="busy"
        @click="emit('copy')"
      >
        <Copy :size="16" />
      </button>
      <button
        class="act !px-2"
        :title="project.aside ? 'Back on the table' : 'Set aside'"
        :aria-label="project.aside ? `Put ${project.name} back on the table` : `Set ${project.name} aside`"
        :disabled="busy"
        @click="emit('aside')"
      >
        <component :is="project.aside ? Undo2 : Inbox" :size="16" />
      </button>
      <button
        class="act !px-2"
        title="Throw away"
        :aria-label="`Throw away ${project.name}`"
        :disabled="busy"
        @click="emit('throwAway')"
      >
        <Trash2 :size="16" />
      </button>
    </p>
  </article>
</template>
