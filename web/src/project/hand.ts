import { inject, type InjectionKey } from 'vue'
import type { ProjectHand } from './useProject'

/** The project at hand, given by its page to the station that is shown. */
export const handKey: InjectionKey<ProjectHand> = Symbol('project at hand')

export function useHand(): ProjectHand {
  const hand = inject(handKey)
  if (!hand) throw new Error('A station is shown outside its project page.')
  return hand
}
