import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import StationThread from './StationThread.vue'
import { nextOf, type StationState } from '../project/stations'

const states: StationState[] = [
  { station: 'AIM', stand: 'SETTLED', sentence: 'Dungarees for Ilse' },
  { station: 'PIECES', stand: 'STALE', sentence: 'Drafted before the measures changed.' },
  { station: 'LAY', stand: 'OPEN', sentence: 'Lay the pieces.' },
]

describe('the thread of stations', () => {
  it('goes on at the first station that is not settled', () => {
    expect(nextOf(states)?.station).toBe('PIECES')
    expect(nextOf([])).toBeUndefined()
  })

  it('says how each station stands and marks the one that is open', () => {
    const routes = [{ path: '/projects/:id/:station', name: 'station', component: { template: '<i />' } }]
    const router = createRouter({ history: createMemoryHistory(), routes })
    const thread = mount(StationThread, {
      props: { states, current: 'lay', projectId: '7' },
      global: { plugins: [router] },
    })
    expect(thread.text()).toContain('Drafted before the measures changed.')
    expect(thread.find('[aria-current="step"]').text()).toContain('Lay')
  })
})
