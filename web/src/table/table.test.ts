import { describe, expect, it, vi } from 'vitest'
import { field, seat } from '../testing/hand'
import ToolsSlip from './ToolsSlip.vue'
import WordPicture from './WordPicture.vue'

const tools = [
  {
    tool: 'IRON',
    kind: 'TOOL',
    kindWords: 'in the sewing box',
    words: 'steam iron',
    owned: true,
    instead: 'No iron: finger-press.',
  },
  {
    tool: 'OVERLOCKER',
    kind: 'MACHINE',
    kindWords: 'the machine has',
    words: 'overlocker',
    owned: false,
    instead: 'No overlocker: zigzag.',
  },
]

describe('what the table has', () => {
  it('says what serves instead of what is missing, and stores all that is owned', async () => {
    const { wrapper, asked } = seat(ToolsSlip, {}, undefined, tools)
    await vi.waitUntil(() => wrapper.text().includes('overlocker'))
    expect(wrapper.text()).toContain('No overlocker: zigzag.')
    expect(wrapper.text()).not.toContain('finger-press')
    await field(wrapper, 'overlocker').setValue(true)
    await vi.waitUntil(() => asked.some((a) => a.method === 'PUT'))
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ owned: ['IRON', 'OVERLOCKER'] })
  })
})

describe('a picture of a word', () => {
  it('draws what is measured apart from the cloth', () => {
    const { wrapper } = seat(WordPicture, { picture: 'girth' })
    const paths = wrapper.findAll('path')
    expect(paths).toHaveLength(2)
    expect(paths[0]?.attributes('d')).not.toBe(paths[1]?.attributes('d'))
    expect(wrapper.attributes('aria-hidden')).toBe('true')
  })
})
