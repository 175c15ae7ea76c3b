import { ref, shallowRef } from 'vue'
import { api, take, type Schemas } from '../api/client'
import type { ProjectHand } from '../project/useProject'
import { glide, whyNot, type Allowed, type Glide } from './glide'
import type { Placement } from './placement'

/** A copy that a hand holds or has picked. */
export interface Held extends Placement {
  piece: string
  copy: number
  variant: string
  panel: string
}

/** A spot farther off than this is not where the hand wanted it, mm: the copy goes back to where it lay. */
export const REACH_MM = 150

/**
 * Laying by hand: the server tells once, for the panel under the hand, every spot where the copy may lie; the copy then glides along
 * them without asking again.
 */
export function useHandLay(project: () => string, hand: ProjectHand) {
  const verdict = shallowRef<Schemas['VerdictView']>()
  const allowed = shallowRef<Allowed>()
  const glided = shallowRef<Glide>()
  const held = shallowRef<Held>()
  const asking = ref(false)
  let asked = ''

  const turnOf = (h: Held) => [h.piece, h.copy, h.variant, h.panel, h.rotation, h.mirrored].join('|')

  async function hold(now: Held) {
    verdict.value = undefined
    held.value = now
    const turn = turnOf(now)
    if (turn !== asked) {
      asked = turn
      allowed.value = undefined
      glided.value = undefined
      asking.value = true
      const told = await take(
        api.POST('/api/projects/{id}/lay/allowed', { params: { path: { id: project() } }, body: now }),
      ).catch(() => undefined)
      if (asked !== turn) return
      asking.value = false
      allowed.value = told
    }
    if (allowed.value && held.value) glided.value = glide(allowed.value, held.value)
  }

  function letGo() {
    asked = ''
    held.value = undefined
    allowed.value = undefined
    glided.value = undefined
  }

  /** Why a copy cannot be where the hand holds it; empty while nothing is known or it may lie there. */
  const why = (at: Held) =>
    allowed.value && (!glided.value || glided.value.why) ? whyNot(allowed.value, at) : ''

  /** Puts the copy down where it glided to; where nothing near is free it stays where it was and the reason is told. */
  async function put(at: Held): Promise<boolean> {
    const spot = allowed.value && glide(allowed.value, at)
    const reason = allowed.value ? whyNot(allowed.value, at) : ''
    const far = allowed.value && (!spot || spot.away > REACH_MM)
    letGo()
    if (far) {
      verdict.value = { allowed: false, reasons: [reason] }
      return false
    }
    return store(spot ? { ...at, x: spot.x, y: spot.y } : at)
  }

  async function store(held: Held): Promise<boolean> {
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

  const pin = (held: Held, pinned: boolean) =>
    hand.change((params) =>
      api.PUT('/api/projects/{id}/lay/pins', {
        params,
        body: { piece: held.piece, copy: held.copy, pinned },
      }),
    )
  return { verdict, held, allowed, glided, hold, letGo, why, put, store, takeOff, pin }
}
