<script setup lang="ts">
import { computed } from 'vue'
import { api, type ProjectView, type Schemas } from '../api/client'
import { useHand } from '../project/hand'

/** Everything finished that the source has, hidden things too, with its measures and how sound it is. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
type Condition = Schemas['KeeperView']['condition']
const conditions: { id: Condition; words: string }[] = [
  { id: 'SOUND', words: 'sound' },
  { id: 'WORN', words: 'worn' },
  { id: 'BROKEN', words: 'broken' },
]
const judge = (keeper: string, condition: Condition) =>
  change((params) =>
    api.PUT('/api/projects/{id}/source/assessment', {
      params,
      body: { conditions: { [keeper]: condition } },
    }),
  )
const facts = (k: Schemas['KeeperView']) =>
  [
    k.length,
    k.stretched && `stretches to ${k.stretched}`,
    k.depth && `${k.depth} deep`,
    k.count > 0 && `${k.count} buttons`,
    k.layers > 1 && `${k.layers} layers`,
    k.hold,
  ]
    .filter(Boolean)
    .join(', ')
/** Those of the source in hand; their ids begin with its mark. */
const begins = computed(() => (project.inHand ? project.inHand + '.' : ''))
const others = computed(() => project.cloths.filter((c) => c.mark).map((c) => c.mark + '.'))
const keepers = computed(() =>
  project.keep.keepers.filter((k) =>
    begins.value ? k.id.startsWith(begins.value) : !others.value.some((o) => k.id.startsWith(o)),
  ),
)
const folds = computed(() => project.source?.folds ?? [])
</script>

<template>
  <div class="grid gap-3">
    <p class="text-sm text-muted">
      What is finished and could live on, as things now hang together. Strips of seams come when they are cut
      away.
    </p>
    <ul>
      <li v-for="k in keepers" :key="k.id" class="flex items-center gap-2 border-t border-line py-1">
        <span class="grow"
          ><span class="inline-block first-letter:uppercase">{{ k.name }}</span
          ><span class="block text-sm text-muted">{{ facts(k) }}; finished: {{ k.finished }}</span
          ><span v-if="k.crossing" class="block text-sm text-stale">{{ k.crossing }}</span></span
        >
        <select
          class="field !w-24"
          :value="k.condition"
          :disabled="busy"
          :aria-label="`Condition: ${k.name}`"
          @change="
            (e) => judge(k.id.slice(begins.length), (e.target as HTMLSelectElement).value as Condition)
          "
        >
          <option v-for="c in conditions" :key="c.id" :value="c.id">{{ c.words }}</option>
        </select>
      </li>
      <li v-for="f in folds" :key="f.id" class="flex gap-2 border-t border-line py-1">
        <span class="grow"
          >{{ f.words
          }}<span class="block text-sm text-muted"
            >hidden cloth in the {{ f.part.replace('-', ' ') }}</span
          ></span
        ><b class="whitespace-nowrap">{{ f.hidden }}</b>
      </li>
    </ul>
  </div>
</template>
