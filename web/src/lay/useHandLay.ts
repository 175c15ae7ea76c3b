import { ref, shallowRef } from 'vue'
import { api, take, type Schemas } from '../api/client'
import type { ProjectHand } from '../project/useProject'
import type { Placement } from './placement'

/** A copy that a hand holds or has picked. */
export interface Held extends Placement {
  piece: string
  copy: number
  variant: string
  panel: string
}

/** Laying by hand: asks the server whether a copy may lie where it is held, one question at a time, and puts it down. */
export function useHandLay(project: () => string, hand: ProjectHand) {
  const verdict = shallowRef<Schemas['VerdictView']>()
  const asking = ref(false)
  let waiting: Held | undefined

  async function ask(held: Held): Promise<Schemas['VerdictView'] | undefined> {
    if (asking.value) {
      waiting = held
      return undefined
    }
    asking.value = true
    try {
      verdict.value = await take(
        api.POST('/api/projects/{id}/lay/verdict', { params: { path: { id: project() } }, body: held }),
      ).catch(() => undefined)
      return verdict.value
    } finally {
      asking.value = false
      const next = waiting
      waiting = undefined
      if (next) void ask(next)
    }
  }

  /** Puts the copy down where it is held, or where it slides to; otherwise it stays where it was and the reasons are told. */
  async function put(held: Held): Promise<boolean> {
    waiting = undefined
    const told = await take(
      api.POST('/api/projects/{id}/lay/verdict', { params: { path: { id: project() } }, body: held }),
    ).catch(() => undefined)
    verdict.value = told
    if (!told) return false
    const spot = told.allowed ? held : told.slidesTo ? { ...held, ...told.slidesTo } : undefined
    if (!spot) return false
    const stored = await hand.change((params) =>
      api.PUT('/api/projects/{id}/lay/placements', { params, body: spot }),
    )
    if (stored) verdict.value = undefined
    return stored
  }

  const takeOff = (held: Held) =>
    hand.change(({ path, query }) =>
      api.DELETE('/api/projects/{id}/lay/placements/{piece}/{copy}', {
        params: { path: { ...path, piece: held.piece, copy: held.copy }, query },
      }),
    )
  return { verdict, ask, put, takeOff }
}
