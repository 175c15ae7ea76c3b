import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ProblemError, take, type Problem, type ProjectView } from '../api/client'

export const projectKeys = {
  all: ['projects'] as const,
  one: (id: string) => ['projects', id] as const,
}

type Answer = Parameters<typeof take<ProjectView>>[0]

/** One project: its view from the server, and changes to it, each made on the version that is shown. */
export function useProject(id: MaybeRefOrGetter<string>) {
  const queries = useQueryClient()
  const query = useQuery(
    computed(() => {
      const project = toValue(id)
      return {
        queryKey: projectKeys.one(project),
        queryFn: () => take(api.GET('/api/projects/{id}', { params: { path: { id: project } } })),
      }
    }),
  )
  const problem = ref<Problem>()
  const busy = ref(false)

  let last: Promise<unknown> = Promise.resolve()
  /**
   * Runs a change and shows its outcome; returns whether it was stored. Changes wait for each other: who types fast loses nothing, and
   * each is made on the version that the one before left.
   */
  function change(
    call: (at: { path: { id: string }; query: { version: number } }) => Answer,
  ): Promise<boolean> {
    const next = last.then(() => store(call))
    last = next.catch(() => undefined)
    return next
  }

  async function store(
    call: (at: { path: { id: string }; query: { version: number } }) => Answer,
  ): Promise<boolean> {
    const shown = query.data.value
    if (!shown) return false
    busy.value = true
    problem.value = undefined
    try {
      const next = await take(call({ path: { id: shown.id }, query: { version: shown.version } }))
      queries.setQueryData(projectKeys.one(shown.id), next)
      return true
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e
      problem.value = e.problem
      if (e.problem.status === 409) await query.refetch()
      return false
    } finally {
      busy.value = false
    }
  }

  const undo = () => change((at) => api.POST('/api/projects/{id}/undo', { params: at }))
  const redo = () => change((at) => api.POST('/api/projects/{id}/redo', { params: at }))
  const refetch = () => query.refetch()
  const failure = computed(() =>
    query.error.value instanceof ProblemError ? query.error.value.problem : undefined,
  )
  return { project: query.data, failure, problem, busy, change, undo, redo, refetch }
}

export type ProjectHand = ReturnType<typeof useProject>
