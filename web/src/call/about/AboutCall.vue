<script setup lang="ts">
import { computed, ref } from 'vue'
import { useColleagues, useOthers } from '../../api/queries'
import TextField from '../../ui/field/TextField.vue'
import NewCallSheet from '../../round/NewCallSheet.vue'
import type { Start } from '../../round/useNewCall'
import { useDraft } from '../../ui/kept/drafts'
import { isoDay } from '../../ui/text/format'
import { NOBODY } from '../../ui/nobody'
import { useCallContext } from '../context'

const { call, actions, stage } = useCallContext()
const reason = useDraft(`cancel:${call.value.head.id}`, '')
const open = ref(false)
const { data: colleagues } = useColleagues(open)
const to = ref('')

const owner = computed(() => colleagues.value?.find(({ id }) => id === call.value.head.accountId))
const others = useOthers(() => call.value.head.accountId, open)

/** A call that is made from this one, and whether it takes its place. */
const another = ref<{ start: Start; instead: boolean }>()
const making = ref(false)
function make(start: Start, instead = false) {
  another.value = { start, instead }
  making.value = true
}
function makeAgain() {
  const { customer, machine, head } = call.value
  make({ customer, machine, upkeep: head.upkeep, complaint: complaint.value })
}
const complaint = computed(() => call.value.complaints.map(({ text }) => text).join('. '))
/** What was entered about one kind of machine says nothing about another: so a call of another kind takes its place. */
function makeOfOtherKind() {
  const { customer, head } = call.value
  make({ customer, upkeep: head.upkeep, complaint: complaint.value, when: head }, true)
}
async function made() {
  if (another.value?.instead) await actions.cancel('It was another kind of machine: see the other call')
}

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
    <div class="-ml-4 flex flex-wrap pb-2">
      <button type="button" class="btn btn-quiet" @click="makeAgain">The same on another day</button>
      <button v-if="!call.story.length" type="button" class="btn btn-quiet" @click="makeOfOtherKind">
        It is another kind of machine
      </button>
    </div>
    <NewCallSheet
      v-if="another"
      :key="`${another.instead}`"
      v-model="making"
      :day="isoDay(call.head.day + (another.instead ? 0 : 1))"
      :start="another.start"
      @added="made"
    />
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
