import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, take, type ProjectView } from '../api/client'

/** The kept lays of a project as they are drawn, in the order of their names; empty until they are there. */
export function useKeptLays(project: MaybeRefOrGetter<ProjectView>) {
  const query = useQuery(
    computed(() => {
      const { id, version, lays } = toValue(project)
      const indices = lays.slice(1).map((_, index) => index)
      return {
        queryKey: ['kept-lays', id, version],
        queryFn: () =>
          Promise.all(
            indices.map((index) =>
              take(api.GET('/api/projects/{id}/lay/kept/{index}', { params: { path: { id, index } } })),
            ),
          ),
        enabled: indices.length > 0,
      }
    }),
  )
  return computed(() => query.data.value ?? [])
}
