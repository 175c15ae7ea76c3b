import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'
import { projectKeys } from '../project/useProject'

export type Standing = Schemas['StandingView']
export type Glance = Schemas['GlanceView']
const A_PAGE = 24

/** The household's projects side by side. */
export function useShelf() {
  const queries = useQueryClient()
  const { problem, busy, attempt: asked } = useAttempt()
  const text = ref('')
  const aside = ref(false)
  const from = ref(0)
  const shelf = useQuery(
    computed(() => ({
      queryKey: [...projectKeys.all, 'shelf', text.value, aside.value, from.value],
      queryFn: () =>
        take(
          api.GET('/api/projects/shelf', {
            params: { query: { text: text.value, aside: aside.value, from: from.value } },
          }),
        ),
      placeholderData: (before: Schemas['ShelfPageView'] | undefined) => before,
    })),
  )
  /** How many were set aside; told even while those on the table are shown. */
  const resting = useQuery({
    queryKey: [...projectKeys.all, 'shelf', 'set aside'],
    queryFn: () => take(api.GET('/api/projects/shelf', { params: { query: { aside: true } } })),
  })

  async function attempt<T>(call: () => Promise<T>): Promise<T | undefined> {
    const came = await asked(call)
    await queries.invalidateQueries({ queryKey: projectKeys.all })
    return came
  }
  const at = (p: Standing) => ({ path: { id: p.id }, query: { version: p.version, of: '' } })
  const rename = (p: Standing, name: string) =>
    attempt(() => take(api.PUT('/api/projects/{id}/name', { params: at(p), body: { name } })))
  const copy = (p: Standing) =>
    attempt(() => take(api.POST('/api/projects/{id}/copy', { params: { path: { id: p.id } }, body: {} })))
  const setAside = (p: Standing, isAside: boolean) =>
    attempt(() =>
      take(
        api.PUT('/api/projects/{id}/set-aside', { params: { path: { id: p.id } }, body: { aside: isAside } }),
      ),
    )
  function look(words: string) {
    text.value = words
    from.value = 0
  }
  function showAside(isAside: boolean) {
    aside.value = isAside
    from.value = 0
  }
  const turn = (by: number) => (from.value = Math.max(0, from.value + by * A_PAGE))
  const last = computed(() => Math.min(from.value + A_PAGE, shelf.data.value?.count ?? 0))

  return {
    shelf: shelf.data,
    resting: computed(() => resting.data.value?.count ?? 0),
    text,
    aside,
    from,
    last,
    problem,
    busy,
    rename,
    copy,
    setAside,
    look,
    showAside,
    turn,
  }
}
