<script setup lang="ts">
import type { Schemas } from '../api/client'

/** What it will measure when it is sewn, against the body and the wish; and how much cloth it takes. */
defineProps<{ sizes: Schemas['SizeView'][]; needs: Schemas['ClothNeedView'][] }>()
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
          <span class="grow first-letter:uppercase">{{ s.what }}</span><b class="whitespace-nowrap">{{
            s.finished
          }}</b>
        </div>
        <p class="text-sm" :class="s.fits ? 'text-muted' : 'text-madder'">
          <template v-if="s.body">{{ s.kind === 'LENGTH' ? 'wanted' : 'body' }} {{ s.body }} · </template
          >{{ s.formula
          }}<template v-if="s.fitWords && s.kind === 'GIRTH'"> · {{ s.ease }}, {{ s.fitWords }}</template
          ><template v-if="s.wear"> · {{ s.wear }}</template
          >{{ s.fits ? '' : ' · too small: give more room' }}
        </p>
      </li>
    </ul>
    <h3 class="text-lg">Cloth</h3>
    <table class="w-full text-[15px]">
      <tbody>
        <tr v-for="n in needs" :key="n.cloth" class="border-t border-line">
          <td class="py-1 first-letter:uppercase">{{ n.words }}</td>
          <td class="text-right">{{ n.pieces }} {{ n.pieces === 1 ? 'piece' : 'pieces' }}</td>
          <td class="text-right">{{ n.area }}</td>
          <td class="text-right text-sm text-muted">at least {{ n.widest }} × {{ n.longest }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
