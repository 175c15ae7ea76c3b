import { useQueryClient } from '@tanstack/vue-query'
import { shallowRef } from 'vue'
import { api, take, type Schemas } from '../api/client'
import type { ProjectHand } from '../project/useProject'

type Lay = Schemas['LayView']

/**
 * Lays beside the one at work: finds of the last search and kept lays, to be looked at on the table, taken over, kept and let go; and
 * the remnants that go to the stash.
 *
 * @param showFind the lay of a find, by its place
 */
export function useOtherLays(
  project: () => string,
  hand: ProjectHand,
  showFind: (index: number) => Promise<Lay | undefined>,
) {
  const queries = useQueryClient()
  /** The one that lies on the table to be looked at; nothing of it is stored. */
  const looked = shallowRef<{ of: 'help' | 'kept'; index: number; lay: Lay }>()

  const showKept = (index: number) =>
    take(
      api.GET('/api/projects/{id}/lay/kept/{index}', { params: { path: { id: project(), index } } }),
    ).catch(() => undefined)

  async function look(of: 'help' | 'kept', index: number | undefined) {
    const shown = index === undefined ? undefined : await (of === 'help' ? showFind(index) : showKept(index))
    looked.value = shown && index !== undefined ? { of, index, lay: shown } : undefined
  }
  const lookedAt = (of: 'help' | 'kept') => (looked.value?.of === of ? looked.value.index : undefined)

  const takeHelp = (index: number) =>
    hand.change(({ path, query }) =>
      api.PUT('/api/projects/{id}/lay/help/{index}', { params: { path: { ...path, index }, query } }),
    )
  const keep = (name: string) =>
    hand.change((params) => api.POST('/api/projects/{id}/lay/kept', { params, body: { name } }))
  const takeUp = (index: number) =>
    hand.change(({ path, query }) =>
      api.PUT('/api/projects/{id}/lay/kept/{index}', { params: { path: { ...path, index }, query } }),
    )
  const letGo = (index: number) =>
    hand.change(({ path, query }) =>
      api.DELETE('/api/projects/{id}/lay/kept/{index}', { params: { path: { ...path, index }, query } }),
    )
  /** @returns how many went there that were not there yet */
  async function stash(which: number[]) {
    const done = await take(
      api.POST('/api/stash/remnants/from/{project}', {
        params: { path: { project: project() } },
        body: { which },
      }),
    )
    await queries.invalidateQueries({ queryKey: ['stash'] })
    return done.kept
  }
  return { looked, look, lookedAt, takeHelp, keep, takeUp, letGo, stash }
}
