import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ProblemError, take, type Problem, type ProjectView } from '../api/client'
import { inHandOf, takeInHand } from '../api/inHand'

export const projectKeys = {
  all: ['projects'] as const,
  one: (id: string) => ['projects', id] as const,
}

type Answer = Parameters<typeof take<ProjectView>>[0]
type Call = (at: { path: { id: string }; query: { version: number; of: string } }) => Answer

const NOT_THERE = {
  status: 0,
  title: 'Not there yet',
  detail: 'The project is still being fetched; nothing was stored. Try again in a moment.',
}

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

  /**
   * Changes wait for each other: who types fast loses nothing, and each is made on the version that the one before left. A look that was
   * asked for earlier is called off, so that it cannot put back what was there before.
   */
  const changing = useMutation({
    scope: { id: `project ${toValue(id)}` },
    mutationFn: async ({ call, of }: { call: Call; of: string }) => {
      const shown = query.data.value
      if (!shown) throw new ProblemError(NOT_THERE)
      problem.value = undefined
      await queries.cancelQueries({ queryKey: projectKeys.one(shown.id), exact: true })
      return take(call({ path: { id: shown.id }, query: { version: shown.version, of } }))
    },
    onSuccess: (next) => queries.setQueryData(projectKeys.one(next.id), next),
    onError: async (e) => {
      if (!(e instanceof ProblemError)) return
      problem.value = e.problem
      if (e.problem.status === 409) await query.refetch()
    },
  })
  const busy = changing.isPending

  /** Runs a change and shows its outcome; returns whether it was stored. */
  async function change(call: Call): Promise<boolean> {
    try {
      // Who turns to another source meanwhile changes nothing of what was on its way.
      await changing.mutateAsync({ call, of: inHandOf(toValue(id)) })
      return true
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e
      return false
    }
  }

  const undo = () => change((at) => api.POST('/api/projects/{id}/undo', { params: at }))
  const redo = () => change((at) => api.POST('/api/projects/{id}/redo', { params: at }))
  const refetch = () => query.refetch()

  /** Takes another of the project's sources in hand. */
  async function turnTo(mark: string) {
    takeInHand(toValue(id), mark)
    await query.refetch()
  }
  const failure = computed(() =>
    query.error.value instanceof ProblemError ? query.error.value.problem : undefined,
  )
  return { project: query.data, failure, problem, busy, change, undo, redo, refetch, turnTo }
}

export type ProjectHand = ReturnType<typeof useProject>
