import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, take, type ProjectView } from '../api/client'

/** Every kind of source, with what it is measured by and what an average one measures. */
export function useKinds(unit: MaybeRefOrGetter<ProjectView['unit']>) {
  const query = useQuery(
    computed(() => {
      const shown = toValue(unit)
      return {
        queryKey: ['source-kinds', shown],
        queryFn: () => take(api.GET('/api/source-kinds', { params: { query: { unit: shown } } })),
        staleTime: Infinity,
      }
    }),
  )
  return computed(() => query.data.value ?? [])
}
