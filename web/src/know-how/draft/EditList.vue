<script setup lang="ts">
import type { Draft, Knowhow } from '../../api/types'
import { clock, otherDay } from '../../ui/text/clocks'
import { FIELDS } from './fields'
import { isSection, nameOf, ONE, piecesOf } from './sections'

/** What was changed, in the order in which it was, each to be taken back. */
const props = defineProps<{ knowhow: Knowhow; draft: Draft }>()
const emit = defineEmits<{ takeBack: [number: number] }>()

type Edit = Draft['edits'][number]
const nameOfEdited = (edit: Edit) =>
  nameOf(piecesOf(props.draft, edit.section).find((piece) => piece.id === edit.piece) ?? { id: edit.piece })
const isThere = (edit: Edit) => piecesOf(props.draft, edit.section).some((piece) => piece.id === edit.piece)
const isNew = (edit: Edit) =>
  isSection(edit.section) && !props.knowhow.pack[edit.section].some((piece) => piece.id === edit.piece)
const whatOf = (edit: Edit) => (isSection(edit.section) ? ONE[edit.section] : 'models')

function changed(edit: Edit) {
  if (!edit.members.length) return 'taken out'
  if (isNew(edit)) return 'new'
  if (!isSection(edit.section)) return 'how they open'
  const fields = FIELDS[edit.section]
  return edit.members
    .map((member) => fields.find((field) => field.member === member)?.label.toLowerCase() ?? member)
    .join(', ')
}
</script>

<template>
  <ol aria-label="Changes" class="border-line border-t">
    <li
      v-for="edit in draft.edits"
      :key="edit.number"
      class="border-line grid grid-cols-[1fr_auto] gap-x-3 border-b border-dashed py-2"
    >
      <div class="leading-tight">
        <RouterLink
          v-if="isSection(edit.section) && isThere(edit)"
          :to="`/know-how/${knowhow.pack.id}/draft/${edit.section}/${edit.piece}`"
          class="font-semibold underline decoration-dotted underline-offset-4"
          >{{ nameOfEdited(edit) }}</RouterLink
        >
        <b v-else>{{ nameOfEdited(edit) }}</b>
        <span class="text-soft ml-2">{{ whatOf(edit) }}</span>
        <p class="text-soft mt-1 text-sm">
          {{ changed(edit) }} · {{ edit.by }}, {{ otherDay(edit.at) }} {{ clock(edit.at) }}
        </p>
      </div>
      <button
        type="button"
        class="btn btn-quiet px-2 text-sm"
        :aria-label="`Take back: ${nameOfEdited(edit)}, ${changed(edit)}`"
        @click="emit('takeBack', edit.number)"
      >
        undo
      </button>
    </li>
  </ol>
</template>
