import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'
import { usePeople } from '../wearers/useWearers'

export type Asked = Schemas['IdeaRequest']
export type Found = Schemas['TriedView']

const KEY = ['ideas', 'search']
/** While more is found, it is looked for this often. */
const LOOK_MILLIS = 1500

/** What the stash could become: a question is put, worked on in the background, and what was found so far is here. */
export function useIdeas() {
  const queries = useQueryClient()
  const { problem, busy, attempt } = useAttempt()
  const { people: wearers } = usePeople()
  const { data: search } = useQuery({
    queryKey: KEY,
    queryFn: () => take(api.GET('/api/ideas/search')),
    refetchInterval: (query) => (query.state.data?.working ? LOOK_MILLIS : false),
  })
  const asked = computed(() => search.value?.asked ?? undefined)
  const best = computed(() => search.value?.best ?? [])
  const refused = computed(() => search.value?.refused ?? [])

  async function put(asking: () => Promise<Schemas['SearchView']>) {
    // What is looked up meanwhile would be older than the answer.
    await queries.cancelQueries({ queryKey: KEY })
    const found = await attempt(asking)
    if (found) queries.setQueryData(KEY, found)
  }
  const ask = (what: Asked) => put(() => take(api.POST('/api/ideas/search', { body: what })))
  const stop = () => put(() => take(api.POST('/api/ideas/search/stop')))
  const begin = (id: string) =>
    attempt(() => take(api.POST('/api/ideas/found/{id}/begin', { params: { path: { id } } })))

  return { wearers, problem, busy, attempt, search, asked, best, refused, ask, stop, begin }
}
