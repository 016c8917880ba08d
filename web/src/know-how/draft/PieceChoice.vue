<script setup lang="ts">
import { computed } from 'vue'
import type { Draft } from '../../api/types'
import { useDraft } from '../../ui/kept/drafts'
import TextField from '../../ui/field/TextField.vue'
import { namesOf, ONE, SECTIONS } from './sections'

/** Which piece is to be changed or added. */
const props = defineProps<{ kind: string; draft: Draft }>()
const MOST = 12
const typed = useDraft(`draft-find:${props.kind}`, '')

const all = computed(() =>
  SECTIONS.flatMap((section) => namesOf(props.draft, section).map((piece) => ({ ...piece, section }))),
)
const found = computed(() => {
  const words = typed.value.toLowerCase().split(/\s+/).filter(Boolean)
  return words.length
    ? all.value.filter((piece) => words.every((word) => piece.name.toLowerCase().includes(word)))
    : []
})
</script>

<template>
  <section aria-labelledby="choice-title" class="grid gap-2">
    <h2 id="choice-title" class="text-xl">Change or add</h2>
    <TextField
      v-model="typed"
      type="search"
      label="What is to be changed"
      hint="Part of its name: a fault, a symptom, a check, a remedy."
      autocomplete="off"
    />
    <ul v-if="found.length" aria-label="Found" class="border-line border-t">
      <li v-for="piece in found.slice(0, MOST)" :key="piece.section + piece.id">
        <RouterLink
          :to="`/know-how/${kind}/draft/${piece.section}/${piece.id}`"
          class="border-line flex min-h-12 items-center justify-between gap-3 border-b border-dashed"
        >
          <span class="underline decoration-dotted underline-offset-4">{{ piece.name }}</span>
          <span class="text-soft text-sm">{{ ONE[piece.section] }}</span>
        </RouterLink>
      </li>
    </ul>
    <p v-if="found.length > MOST" class="text-soft text-sm">
      And {{ found.length - MOST }} more: type another word.
    </p>
    <p v-else-if="typed && !found.length" class="text-soft">Nothing has that in its name.</p>
    <div class="flex flex-wrap gap-2">
      <RouterLink
        v-for="section in SECTIONS"
        :key="section"
        class="btn"
        :to="`/know-how/${kind}/draft/${section}/new`"
        >Add a {{ ONE[section] }}</RouterLink
      >
    </div>
  </section>
</template>
