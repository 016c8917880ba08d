<script setup lang="ts">
import { computed, ref } from 'vue'
import { useColleagues, useOthers } from '../../api/queries'
import TextField from '../../ui/field/TextField.vue'
import { useDraft } from '../../ui/kept/drafts'
import { NOBODY } from '../../ui/nobody'
import { useCallContext } from '../context'
import AnotherCall from './AnotherCall.vue'

const { call, actions, stage } = useCallContext()
const reason = useDraft(`cancel:${call.value.head.id}`, '')
const open = ref(false)
const { data: colleagues } = useColleagues(open)
const to = ref('')

const owner = computed(() => colleagues.value?.find(({ id }) => id === call.value.head.accountId))
const others = useOthers(() => call.value.head.accountId, open)

async function cancel() {
  if (await actions.cancel(reason.value)) stage.show('HAND_OVER')
}
async function give() {
  if (await actions.assign(call.value.head.accountId, to.value)) to.value = ''
}
</script>

<template>
  <details
    v-if="!call.head.closing"
    class="border-line border-t py-1"
    :open="open"
    @toggle="open = ($event.target as HTMLDetailsElement).open"
  >
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">This call</span>
      <span class="text-soft block text-[0.95rem]">{{
        call.head.accountId === NOBODY
          ? 'On nobody’s round yet'
          : owner
            ? `On ${owner.name}’s round`
            : 'Give it away, cancel it'
      }}</span>
    </summary>
    <form v-if="others.length" class="grid gap-2 pb-3" @submit.prevent="give">
      <label class="grid gap-1">
        <span class="font-semibold">Give the call to</span>
        <select v-model="to" class="field">
          <option value="" disabled>Choose a colleague</option>
          <option v-if="call.head.accountId !== NOBODY" :value="NOBODY">Nobody yet</option>
          <option v-for="one in others" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <button class="btn" :disabled="actions.busy.value || !to">Give call</button>
    </form>
    <AnotherCall />
    <form class="grid gap-2 pb-2" novalidate @submit.prevent="cancel">
      <TextField
        v-model="reason"
        label="Cancel the call, because"
        hint="Entered twice, customer has no need any more"
        maxlength="500"
        autocomplete="off"
      />
      <button class="btn" :disabled="actions.busy.value">Cancel call</button>
    </form>
  </details>
</template>
