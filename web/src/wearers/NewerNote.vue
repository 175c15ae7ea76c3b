<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take, type ProjectView } from '../api/client'
import { inWords } from '../ui/days'
import { useHand } from '../project/hand'

/** What was measured since the project was drafted. */
const { project } = defineProps<{ project: ProjectView }>()
const { change, busy } = useHand()
const { data } = useQuery(
  computed(() => ({
    queryKey: ['wearers', 'of', project.id, project.version],
    queryFn: () => take(api.GET('/api/projects/{id}/wearer', { params: { path: { id: project.id } } })),
  })),
)
const isChange = computed(() => data.value?.newer.some((n) => n.change && !n.proposed))
const takeOver = () => change((at) => api.POST('/api/projects/{id}/wearer', { params: at }))
</script>

<template>
  <section
    v-if="data?.newer.length"
    class="border-l-4 bg-table px-3 py-2"
    :class="isChange ? 'border-stale' : 'border-line'"
  >
    <h3 class="text-lg">Measured since</h3>
    <ul class="text-[15px]">
      <li v-for="n in data.newer" :key="n.measure">
        <b class="inline-block first-letter:uppercase">{{ n.words }}</b> {{ n.now }} on {{ inWords(n.on)
        }}<template v-if="n.by"> by {{ n.by }}</template
        >; {{ n.proposed ? 'proposed' : '' }} {{ n.here }} here, {{ n.difference
        }}<template v-if="!n.change">, no more than two readings may differ by</template>
      </li>
    </ul>
    <button type="button" class="act mt-2" :disabled="busy" @click="takeOver">
      Draft from the newer ones
    </button>
  </section>
</template>
