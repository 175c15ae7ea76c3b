import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take, type Schemas } from '../api/client'

/** Everything that can be drafted, by where it is found. The list never changes while the program runs. */
export function useDrafts() {
  const { data } = useQuery({
    queryKey: ['drafts'],
    queryFn: () => take(api.GET('/api/drafts')),
    staleTime: Infinity,
  })
  const drafts = computed(() => data.value ?? [])
  const families = computed(() => byFamily(drafts.value))
  return { drafts, families }
}

/** In the order they come, under the words of their family. */
export function byFamily(drafts: Schemas['DraftView'][]) {
  const groups: { words: string; drafts: Schemas['DraftView'][] }[] = []
  for (const draft of drafts) {
    const group = groups.find((g) => g.words === draft.familyWords)
    if (group) group.drafts.push(draft)
    else groups.push({ words: draft.familyWords, drafts: [draft] })
  }
  return groups
}
