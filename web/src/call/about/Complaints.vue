<script setup lang="ts">
import { computed } from 'vue'
import { sendTyped, useDraft } from '../../ui/kept/drafts'
import { useCallContext } from '../context'

const { call, actions } = useCallContext()
const said = computed(() => {
  const { length } = call.value.complaints
  return length ? `${length === 1 ? 'one' : length}, in the customer’s words` : 'none'
})
const text = useDraft(`complaint:${call.value.head.id}`, '')

const add = () => text.value.trim() && sendTyped(text, (typed) => actions.complain(typed.trim()))
</script>

<template>
  <details class="border-line border-t py-1">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">Complaints</span>
      <span class="text-soft block text-[0.95rem]">
        {{ said }}
      </span>
    </summary>
    <ul>
      <li
        v-for="complaint in call.complaints"
        :key="complaint.id"
        class="border-line flex min-h-12 items-center justify-between gap-2 border-b border-dashed leading-tight"
      >
        <span>{{ complaint.text }}</span>
        <button
          v-if="call.complaints.length > 1 && !call.head.closing"
          type="button"
          class="btn btn-quiet px-2 text-sm"
          :aria-label="`Remove: ${complaint.text}`"
          :disabled="actions.busy.value"
          @click="actions.withdraw(complaint.id)"
        >
          remove
        </button>
      </li>
    </ul>
    <form v-if="!call.head.closing" class="mt-2 flex gap-2" @submit.prevent="add">
      <label class="min-w-0 flex-1">
        <span class="sr-only">Another complaint</span>
        <input v-model="text" class="field" maxlength="500" placeholder="Another complaint" />
      </label>
      <button class="btn" :disabled="actions.busy.value || !text.trim()">Add</button>
    </form>
  </details>
</template>
