<script setup lang="ts">
import type { Schemas } from '../api/client'
import PutOnList from '../project/PutOnList.vue'

/** What it will measure when it is sewn, against the body and the wish; and how much cloth it takes. */
defineProps<{
  sizes: Schemas['SizeView'][]
  openings: Schemas['PutOnView'][]
  needs: Schemas['ClothNeedView'][]
}>()
</script>

<template>
  <div class="grid gap-3">
    <h3 class="text-lg">Finished sizes</h3>
    <p v-if="!sizes.length" class="text-muted">
      Pieces that were brought in or entered do not say where the body is in them.
    </p>
    <ul>
      <li v-for="s in sizes" :key="s.what" class="border-t border-line py-1" :title="s.formula">
        <div class="flex gap-2">
          <span class="grow first-letter:uppercase">{{ s.what }}</span><span
            class="text-sm whitespace-nowrap text-muted"
            title="a millimetre at every edge that is sewn, and what the measure may be off"
            >± {{ s.tolerance }}</span
          ><b class="whitespace-nowrap">{{ s.finished }}</b>
        </div>
        <p class="text-sm" :class="s.fits ? 'text-muted' : 'text-madder'">
          <template v-if="s.body">{{ s.kind === 'LENGTH' ? 'wanted' : 'body' }} {{ s.body }} · </template
          >{{ s.formula
          }}<template v-if="s.fitWords && s.kind === 'GIRTH'"> · {{ s.ease }}, {{ s.fitWords }}</template
          ><template v-if="s.wear"> · {{ s.wear }}</template
          ><template v-if="s.woven">; {{ s.woven }}</template
          >{{
            !s.fits
              ? ' · too small: give more room'
              : !s.sure
                ? ` · fits by less than ± ${s.tolerance}: measure again before cutting`
                : ''
          }}
        </p>
      </li>
    </ul>
    <PutOnList :openings="openings" />
    <h3 class="text-lg">Cloth</h3>
    <ul class="text-[15px]">
      <li v-for="n in needs" :key="n.cloth" class="border-t border-line py-1">
        <div class="flex gap-2">
          <span class="grow first-letter:uppercase">{{ n.words }}</span><b class="whitespace-nowrap"
            >{{ n.pieces }} {{ n.pieces === 1 ? 'piece' : 'pieces' }}, {{ n.area }}</b
          >
        </div>
        <p class="text-sm text-muted">
          panels of at least {{ n.widest }} × {{ n.longest
          }}<template v-if="n.byTheMetre">; {{ n.byTheMetre }}</template>
        </p>
      </li>
    </ul>
  </div>
</template>
