import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, shallowRef, toValue, watch, type MaybeRefOrGetter } from 'vue'
import { ProblemError } from './client'

/** While figures are being typed they are asked about once the hand rests so long. */
const REST_MS = 250

/**
 * What the server makes of figures as they stand; nothing is stored. Whatever order answers arrive in, those to the figures that stand count;
 * until they are there, and where these are refused, what was made last of this kind stays to be seen.
 *
 * @param what names the kind of question; equal figures are not asked about twice
 * @param figures undefined while there are not enough of them to ask
 */
export function usePreview<F, T>(
  what: MaybeRefOrGetter<readonly unknown[]>,
  figures: MaybeRefOrGetter<F | undefined>,
  ask: (figures: F, signal: AbortSignal) => Promise<T>,
  { restMs = REST_MS }: { restMs?: number } = {},
) {
  // Told apart by their text: figures are made anew at each look at the form.
  const text = computed(() => JSON.stringify(toValue(figures)))
  const rested = restMs ? refDebounced(text, restMs) : text
  const query = useQuery({
    queryKey: computed(() => ['preview', ...toValue(what), rested.value]),
    queryFn: ({ signal }) => ask(JSON.parse(rested.value ?? 'null') as F, signal),
    enabled: computed(() => rested.value !== undefined),
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })
  const problem = computed(() =>
    query.error.value instanceof ProblemError ? query.error.value.problem : undefined,
  )
  const made = shallowRef<T>()
  const kind = computed(() => JSON.stringify(toValue(what)))
  watch(
    [kind, rested, query.data],
    ([now, asked, data], [before]) => {
      if (data !== undefined) made.value = data
      else if (now !== before || asked === undefined) made.value = undefined
    },
    { immediate: true, flush: 'sync' },
  )
  return { made, problem }
}
