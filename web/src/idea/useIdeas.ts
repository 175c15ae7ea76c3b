import { computed, ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'
import { usePeople } from '../wearers/useWearers'

export type Asked = Schemas['IdeaRequest']
export interface Card {
  idea: Schemas['IdeaView']
  laid?: Schemas['LaidView']
  /** why it could not be laid */
  why?: string
}
/** So many are laid by themselves; the others wait until somebody asks for them. */
const LAID_AT_ONCE = 8

/** What could be made of what: quick tests of all at once, then real lays one after the other, the likeliest first. */
export function useIdeas() {
  const { problem, busy, attempt } = useAttempt()
  const { people: wearers } = usePeople()
  const cards = ref<Card[]>([])
  const asked = ref<Asked>()
  const at = ref<Card>()
  /** Counts questions: a lay that belongs to an earlier one is put down. */
  let question = 0

  const possible = computed(() =>
    cards.value
      .filter((c) => c.idea.chance !== 'NO')
      .sort((a, b) => (b.laid?.worth ?? -1) - (a.laid?.worth ?? -1)),
  )
  const refused = computed(() => cards.value.filter((c) => c.idea.chance === 'NO'))
  const waiting = computed(() => possible.value.filter((c) => !c.laid && !c.why))

  async function ask(what: Asked) {
    const mine = ++question
    const found = await attempt(() => take(api.POST('/api/ideas', { body: what })))
    if (!found || mine !== question) return
    asked.value = what
    cards.value = found.map((idea) => ({ idea }))
    await lay(LAID_AT_ONCE)
  }
  /** Lays as many more as are asked for. */
  async function lay(most: number) {
    const mine = question
    for (const card of cards.value
      .filter((c) => c.idea.chance !== 'NO' && !c.laid && !c.why)
      .slice(0, most)) {
      if (mine !== question || !asked.value) return
      at.value = card
      try {
        const laid = await take(api.POST('/api/ideas/lay', { body: of(card) }))
        if (mine === question) card.laid = laid
      } catch (e) {
        card.why = e instanceof Error ? e.message : 'It could not be laid.'
      }
    }
    if (mine === question) at.value = undefined
  }
  function stop() {
    question++
    at.value = undefined
  }
  const of = (card: Card) => ({
    source: card.idea.source,
    draft: card.idea.draft,
    wearer: asked.value?.wearer,
    height: asked.value?.height,
    unit: asked.value?.unit,
  })
  const begin = (card: Card) => attempt(() => take(api.POST('/api/ideas/begin', { body: of(card) })))

  return { wearers, problem, busy, attempt, asked, possible, refused, waiting, at, ask, lay, stop, begin }
}
