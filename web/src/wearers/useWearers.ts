import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'

export type Person = Schemas['PersonView']
export type Line = Schemas['GrowthView']
export type Reading = Schemas['DatedView']

const keys = {
  all: ['wearers'] as const,
  one: (id: string) => ['wearers', id] as const,
}

/** Whom the household knows. */
export function usePeople() {
  const { data } = useQuery({ queryKey: keys.all, queryFn: () => take(api.GET('/api/wearers')) })
  return { people: data }
}

/** The people of the household, and one of them with every reading. */
export function useWearers(id: MaybeRefOrGetter<string>) {
  const queries = useQueryClient()
  const { problem, busy, attempt: asked } = useAttempt()
  const { people } = usePeople()
  const one = useQuery(
    computed(() => {
      const wanted = toValue(id)
      return {
        queryKey: keys.one(wanted),
        enabled: !!wanted,
        queryFn: () => take(api.GET('/api/wearers/{id}', { params: { path: { id: wanted } } })),
      }
    }),
  )
  const thrown = useQuery({
    queryKey: [...keys.all, 'thrown away'],
    queryFn: () => take(api.GET('/api/wearers/thrown-away')),
  })

  async function attempt<T>(call: () => Promise<T>): Promise<T | undefined> {
    const came = await asked(call)
    await queries.invalidateQueries({ queryKey: keys.all })
    return came
  }
  const path = () => ({ path: { id: toValue(id) } })
  const enter = (name: string, unit: Person['unit']) =>
    attempt(() => take(api.POST('/api/wearers', { body: { name, unit } })))
  const rename = (name: string, unit: Person['unit']) =>
    attempt(() => take(api.PUT('/api/wearers/{id}', { params: path(), body: { name, unit } })))
  const measure = (day: Schemas['DayRequest']) =>
    attempt(() => take(api.POST('/api/wearers/{id}/readings', { params: path(), body: day })))
  const of = (reading: string) => ({ path: { id: toValue(id), reading } })
  const strike = (reading: string) =>
    attempt(() => take(api.DELETE('/api/wearers/{id}/readings/{reading}', { params: of(reading) })))
  const putBack = (reading: string) =>
    attempt(() => take(api.POST('/api/wearers/{id}/readings/{reading}/take-back', { params: of(reading) })))
  const bring = (file: string) =>
    attempt(() => take(api.POST('/api/wearers/import', { body: file, bodySerializer: (b) => b })))
  const throwAway = () => attempt(() => take(api.DELETE('/api/wearers/{id}', { params: path() })))
  const takeBack = (whom: string) =>
    attempt(() => take(api.POST('/api/wearers/{id}/take-back', { params: { path: { id: whom } } })))

  return {
    people,
    one: one.data,
    thrown: thrown.data,
    problem,
    busy,
    enter,
    rename,
    bring,
    measure,
    strike,
    putBack,
    throwAway,
    takeBack,
  }
}
