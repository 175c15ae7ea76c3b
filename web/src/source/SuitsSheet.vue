<script setup lang="ts">
import ComplaintNote from '../ui/ComplaintNote.vue'
import { computed } from 'vue'
import { api, type Schemas } from '../api/client'
import { useHand } from '../project/hand'
import PutOnList from '../project/PutOnList.vue'
import ChoiceField from '../ui/ChoiceField.vue'

/** Whether to begin, and what the source could become, level by level, with the slack the tape found. */
const { source } = defineProps<{ source: Schemas['SourceView'] }>()
const { change } = useHand()
const tone = { PASS: 'text-good', EXTRA_WORK: 'text-stale', FAIL: 'text-madder' } as const
const adviceTone = { BEGIN: 'text-good', MOCK_UP_FIRST: 'text-stale', WAIT: 'text-madder' } as const
const dear = [
  { id: 'LITTLE', words: 'hardly be missed' },
  { id: 'SOME', words: 'be missed a little' },
  { id: 'DEARLY', words: 'be missed dearly: a treasure' },
] as const
const missed = computed({
  get: () => source.missed,
  set: (missed) =>
    void change((params) => api.PUT('/api/projects/{id}/source/assessment', { params, body: { missed } })),
})
const origins = [
  { id: 'TAPE', words: 'by tape, ± 3 mm' },
  { id: 'PATTERN', words: 'off a pattern sheet, ± 1 mm' },
  { id: 'GARMENT', words: 'off another garment, ± 6 mm' },
  { id: 'PRINTED', words: 'as printed or told, ± 10 mm' },
  { id: 'EYE', words: 'by eye, ± 20 mm' },
  { id: 'PROPOSED', words: 'not yet: average figures, ± 30 mm' },
] as const
const measured = computed({
  get: () => source.measured,
  set: (measured) =>
    void change((params) => api.PUT('/api/projects/{id}/source/assessment', { params, body: { measured } })),
})
const wanted = (wantedBy: string) =>
  change((params) => api.PUT('/api/projects/{id}/source/assessment', { params, body: { wantedBy } }))
</script>

<template>
  <div class="grid gap-3">
    <ChoiceField v-model="measured" label="It was measured" :choices="[...origins]" />
    <ChoiceField v-model="missed" label="If it went wrong, it would" :choices="[...dear]" />
    <label class="text-sm text-muted"
      >The new one is wanted by
      <input
        type="date"
        class="field"
        :value="source.wantedBy"
        @change="(e) => wanted((e.target as HTMLInputElement).value)"
    /></label>
    <ComplaintNote :of="['source.wantedBy']" />
    <section v-if="source.prospect" class="rounded-[3px] bg-table p-3">
      <p class="font-serif text-lg" :class="adviceTone[source.prospect.advice]">
        {{ source.prospect.words }}
      </p>
      <p v-for="s in source.prospect.sentences" :key="s" class="text-[15px]">{{ s }}</p>
    </section>
    <PutOnList :openings="source.openings" />
    <p v-if="!source.jobs.length" class="text-muted">
      Say at Aim who it is for; then each job can be measured.
    </p>
    <section v-for="j in source.jobs" :key="j.name" class="border-t border-line pt-2">
      <h3 class="flex gap-2 text-lg">
        <span class="grow first-letter:uppercase">{{ j.name }}</span>
        <b class="text-[15px] whitespace-nowrap" :class="tone[j.verdict]">{{ j.verdictWords }}</b>
      </h3>
      <p class="text-sm text-muted first-letter:uppercase">{{ j.why }}.</p>
      <table class="mt-1 w-full text-[15px]">
        <caption class="sr-only">
          Slack of each level
        </caption>
        <tbody>
          <tr v-for="l in j.levels" :key="l.level" :title="l.formula">
            <td class="py-0.5">{{ l.level }}</td>
            <td class="text-right whitespace-nowrap text-muted">{{ l.have }} of {{ l.need }}</td>
            <td
              class="pl-3 text-right font-semibold whitespace-nowrap"
              :class="l.enough ? '' : 'text-madder'"
            >
              {{ l.slack }}
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <p class="text-sm text-muted">
      Measured slack, not the label’s size. Hold a row to see the sum behind it.
    </p>
  </div>
</template>
