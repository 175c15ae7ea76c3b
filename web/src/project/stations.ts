import type { Schemas } from '../api/client'

/** Stations as they stand in addresses and on the thread, in the order of the work. */
export const stationSlugs = {
  AIM: 'aim',
  SOURCE: 'source',
  TAKE_APART: 'take-apart',
  PANELS: 'panels',
  PIECES: 'pieces',
  LAY: 'lay',
  MAKE: 'make',
  LOG: 'log',
} as const

export const stationWords: Record<keyof typeof stationSlugs, string> = {
  AIM: 'Aim',
  SOURCE: 'Source',
  TAKE_APART: 'Take apart',
  PANELS: 'Panels',
  PIECES: 'Pieces',
  LAY: 'Lay',
  MAKE: 'Make',
  LOG: 'Log',
}

export type StationState = Schemas['StationState']

export function slugOf(state: StationState): string {
  return stationSlugs[state.station]
}

/** The station a person would go on with: the first that is open or stale. */
export function nextOf(states: readonly StationState[]): StationState | undefined {
  return states.find((s) => s.stand !== 'SETTLED')
}

/** The station with this title. */
export function stationOf(title: string): StationState['station'] | undefined {
  return (Object.keys(stationWords) as StationState['station'][]).find((s) => stationWords[s] === title)
}

/** The station to go on to once this one is settled: the next that is not. */
export function after(
  states: readonly StationState[],
  here: StationState['station'] | undefined,
): StationState | undefined {
  const at = states.findIndex((s) => s.station === here)
  if (at < 0 || states[at]?.stand !== 'SETTLED') return undefined
  return nextOf(states.slice(at + 1))
}
