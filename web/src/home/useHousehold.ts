import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { api, ProblemError, take } from '../api/client'
import { useAttempt } from '../api/useAttempt'
import { projectKeys } from '../project/useProject'

/** The household's projects and the sources in its stash. */
export function useHousehold() {
  const queries = useQueryClient()
  const stash = useQuery({
    queryKey: ['stash', 'newest'],
    queryFn: () => take(api.POST('/api/stash/search', { body: { from: 0 } })),
  })
  const thrown = useQuery({
    queryKey: [...projectKeys.all, 'thrown away'],
    queryFn: () => take(api.GET('/api/projects/thrown-away')),
  })
  const { problem, attempt: asked } = useAttempt()

  async function attempt<T>(call: () => Promise<T>): Promise<T | undefined> {
    const came = await asked(call)
    await queries.invalidateQueries({ queryKey: projectKeys.all })
    return came
  }

  const create = (name: string) => attempt(() => take(api.POST('/api/projects', { body: { name } })))
  const importFile = (file: File) =>
    attempt(async () => {
      if (file.size > 8_000_000) {
        throw new ProblemError({
          status: 413,
          title: 'Too large',
          detail: 'A project file may be 8 MB at most.',
        })
      }
      return take(api.POST('/api/projects/import', { body: await file.text(), bodySerializer: (b) => b }))
    })
  const example = () => attempt(() => take(api.POST('/api/ideas/example')))
  const throwAway = (id: string) =>
    attempt(() => take(api.DELETE('/api/projects/{id}', { params: { path: { id } } })))
  const takeBack = (id: string) =>
    attempt(() => take(api.POST('/api/projects/{id}/take-back', { params: { path: { id } } })))

  return {
    thrown: thrown.data,
    stash: stash.data,
    problem,
    create,
    example,
    importFile,
    throwAway,
    takeBack,
  }
}
