import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref } from 'vue'
import { api, ProblemError, take, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'

export type Thing = Schemas['ThingView']
export type ThingBody = Schemas['ThingRequest']
export type Wanted = Schemas['SearchRequest']

const nothing = (): Wanted => ({ text: '', place: '', from: 0, size: {} })

/** The stash: what is looked for in it, what was found, and what is done with a thing. */
export function useStash() {
  const queries = useQueryClient()
  const wanted = reactive<Wanted>(nothing())
  /** What is shown: a size that is still being written asks nothing. */
  const asked = ref<Wanted>(nothing())
  const { problem, busy, attempt } = useAttempt()
  const shelf = useQuery(
    computed(() => {
      const now = asked.value
      return {
        queryKey: ['stash', 'search', now],
        queryFn: () => take(api.POST('/api/stash/search', { body: now })),
        placeholderData: keepPreviousData,
      }
    }),
  )
  const thrown = useQuery({
    queryKey: ['stash', 'thrown away'],
    queryFn: () => take(api.GET('/api/stash/thrown-away')),
  })

  /** Looks; what is refused is told, and what was shown before stays. */
  async function look(from = 0) {
    const now = JSON.parse(JSON.stringify({ ...wanted, from })) as Wanted
    const found = await attempt(() => take(api.POST('/api/stash/search', { body: now })))
    if (!found) return
    queries.setQueryData(['stash', 'search', now], found)
    asked.value = now
  }
  function lookForAnything() {
    for (const field of Object.keys(wanted)) Reflect.deleteProperty(wanted, field)
    Object.assign(wanted, nothing())
    return look()
  }

  async function done<T>(asking: () => Promise<T>): Promise<T | undefined> {
    const came = await attempt(asking)
    if (came !== undefined) await queries.invalidateQueries({ queryKey: ['stash'] })
    return came
  }
  const one = (id: string) => attempt(() => take(api.GET('/api/stash/{id}', { params: { path: { id } } })))
  const add = (body: ThingBody) => done(() => take(api.POST('/api/stash', { body })))
  const change = (id: string, version: number, body: ThingBody) =>
    done(() => take(api.PUT('/api/stash/{id}', { params: { path: { id }, query: { version } }, body })))
  const undo = (id: string) =>
    done(() => take(api.POST('/api/stash/{id}/undo', { params: { path: { id } } })))
  const another = (id: string) =>
    done(() => take(api.POST('/api/stash/{id}/like', { params: { path: { id } } })))
  const gone = (id: string) =>
    done(() => take(api.DELETE('/api/stash/{id}', { params: { path: { id } } })).then(() => true))
  const takeBack = (id: string) =>
    done(() => take(api.POST('/api/stash/{id}/take-back', { params: { path: { id } } })).then(() => true))
  const hold = (
    id: string,
    project: string,
    amount: string,
    as: Schemas['HoldRequest']['hold'] = 'RESERVED',
  ) =>
    done(() =>
      take(
        api.PUT('/api/stash/{id}/holds/{project}', {
          params: { path: { id, project } },
          body: { hold: as, amount },
        }),
      ),
    )
  const release = (id: string, project: string) =>
    done(() => take(api.DELETE('/api/stash/{id}/holds/{project}', { params: { path: { id, project } } })))
  const begin = (id: string) =>
    done(() => take(api.POST('/api/stash/{id}/begin', { params: { path: { id } }, body: { name: '' } })))
  const pair = (id: string, other: string) =>
    attempt(() => take(api.GET('/api/stash/{id}/with/{other}', { params: { path: { id, other } } })))
  const photograph = (id: string, photo: File) =>
    done(() => {
      const form = new FormData()
      form.append('photo', photo)
      return take(
        api.POST('/api/stash/{id}/photos', {
          params: { path: { id } },
          body: form as never,
          bodySerializer: (b: unknown) => b as FormData,
        }),
      )
    })
  const bring = (file: File) =>
    done(async () => {
      if (file.size > 8_000_000) {
        throw new ProblemError({
          status: 413,
          title: 'Too large',
          detail: 'A file of the stash may be 8 MB at most.',
        })
      }
      const body = await file.text()
      return file.name.toLowerCase().endsWith('.csv')
        ? take(
            api.POST('/api/stash/import-table', {
              body,
              bodySerializer: (b) => b,
              headers: { 'Content-Type': 'text/csv' },
            }),
          )
        : take(api.POST('/api/stash/import', { body, bodySerializer: (b) => b }))
    })

  return {
    wanted,
    asked,
    shelf: shelf.data,
    loading: shelf.isLoading,
    thrown: thrown.data,
    problem,
    busy,
    look,
    lookForAnything,
    one,
    add,
    change,
    undo,
    another,
    gone,
    takeBack,
    hold,
    release,
    begin,
    pair,
    photograph,
    bring,
  }
}

export type Stash = ReturnType<typeof useStash>
