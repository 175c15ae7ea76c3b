<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { Scissors } from '@lucide/vue'
import { computed } from 'vue'
import type { ProjectView } from '../api/client'

const { project } = defineProps<{ project: ProjectView }>()
const sheets = computed(() => {
  const base = `/api/projects/${project.id}/sheets/`
  const laid = !!project.lay
  const cloths = [...new Set((project.lay?.panels ?? []).flatMap((p) => (p.cloth ? [p.cloth.name] : [])))]
  const ofCloth = (file: string, name: string, what: string) =>
    cloths.length > 1
      ? cloths.map((cloth) => ({
          href: `${base}${file}?cloth=${encodeURIComponent(cloth)}`,
          name,
          what: `${what}, ${cloth} alone`,
          ready: true,
        }))
      : []
  return [
    { href: base + 'chalk-out.pdf', name: 'Chalk-out sheet', what: 'PDF, corners by tape', ready: laid },
    {
      href: base + 'chalk-out.pdf?paper=letter',
      name: 'Chalk-out sheet',
      what: 'PDF on Letter paper',
      ready: laid,
    },
    ...ofCloth('chalk-out.pdf', 'Chalk-out sheet', 'PDF'),
    {
      href: base + 'pattern.pdf',
      name: 'Full-size pattern',
      what: 'PDF tiles on A4',
      ready: !!project.pieces,
    },
    {
      href: base + 'pattern.pdf?paper=letter',
      name: 'Full-size pattern',
      what: 'PDF tiles on Letter',
      ready: !!project.pieces,
    },
    {
      href: base + 'pattern.pdf?paper=a3',
      name: 'Full-size pattern',
      what: 'PDF tiles on A3',
      ready: !!project.pieces,
    },
    {
      href: base + 'pattern.pdf?roll=914',
      name: 'Pattern on a roll',
      what: 'PDF, 914 mm wide',
      ready: !!project.pieces,
    },
    {
      href: base + 'pieces.svg',
      name: 'Pieces',
      what: 'SVG, cut, stitch and grain',
      ready: !!project.pieces,
    },
    { href: base + 'pieces.dxf', name: 'Pieces', what: 'DXF', ready: !!project.pieces },
    ...(project.pieces?.orders ?? []).map((o, i) => ({
      href: base + 'draft.pdf?draft=' + i,
      name: 'Page of the draft',
      what: 'PDF, ' + o.words,
      ready: true,
    })),
    ...(project.altered?.steps.length
      ? [
          {
            href: base + 'changes.pdf',
            name: 'Alteration sheet',
            what: 'PDF, every line told by tape',
            ready: true,
          },
        ]
      : []),
    {
      href: base + 'labels.pdf',
      name: 'Part labels',
      what: 'PDF, to pin to what comes off',
      ready: !!project.takeApart,
    },
    {
      href: base + 'shopping.pdf',
      name: 'What it takes',
      what: 'PDF, to find or buy',
      ready: !!project.pieces,
    },
    { href: base + 'lay.svg', name: 'Lay at true size', what: 'SVG', ready: laid },
    { href: base + 'cut-list.csv', name: 'Cut list', what: 'CSV table, whole mm', ready: laid },
    ...ofCloth('cut-list.csv', 'Cut list', 'CSV'),
    { href: base + 'project.json', name: 'Whole project', what: 'JSON, to keep or pass on', ready: true },
  ]
})
</script>

<template>
  <Menu as="div" class="relative">
    <MenuButton class="act act-main"><Scissors :size="18" /> To the table</MenuButton>
    <MenuItems
      class="slip z-30 mt-2 grid max-h-[70vh] gap-1 overflow-y-auto max-sm:fixed max-sm:inset-x-3 sm:absolute sm:right-0 sm:w-96 p-2 focus:outline-none"
    >
      <MenuItem v-for="s in sheets" v-slot="{ active }" :key="s.href" :disabled="!s.ready">
        <a
          :href="s.ready ? s.href : undefined"
          download
          class="flex min-h-10 items-center justify-between rounded px-3"
          :class="[active ? 'bg-table' : '', s.ready ? '' : 'text-muted']"
          :aria-disabled="!s.ready"
        >
          <span class="shrink-0 font-semibold">{{ s.name }}</span>
          <span class="ml-2 text-right text-sm text-muted">{{ s.ready ? s.what : 'not ready yet' }}</span>
        </a>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
