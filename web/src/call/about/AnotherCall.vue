<script setup lang="ts">
import { computed, ref } from 'vue'
import NewCallSheet from '../../round/NewCallSheet.vue'
import type { Start } from '../../round/useNewCall'
import { isoDay } from '../../ui/text/format'
import { useCallContext } from '../context'

/** A call that is made from this one: the same for another day, or one about another kind of machine that takes its place. */
const { call, actions } = useCallContext()
const another = ref<{ start: Start; instead: boolean }>()

const said = computed<Start>(() => ({
  customer: call.value.customer,
  upkeep: call.value.head.upkeep,
  complaint: call.value.complaints.map(({ text }) => text).join('. '),
}))

const makeAgain = () =>
  (another.value = { start: { ...said.value, machine: call.value.machine }, instead: false })
/** What was entered about one kind of machine says nothing about another. */
const makeOfOtherKind = () =>
  (another.value = { start: { ...said.value, when: call.value.head }, instead: true })

async function made() {
  if (another.value?.instead) await actions.cancel('It was another kind of machine: see the other call')
}
</script>

<template>
  <div class="-ml-4 flex flex-wrap pb-2">
    <button type="button" class="btn btn-quiet" @click="makeAgain">The same on another day</button>
    <button v-if="!call.story.length" type="button" class="btn btn-quiet" @click="makeOfOtherKind">
      It is another kind of machine
    </button>
  </div>
  <NewCallSheet
    v-if="another"
    model-value
    :day="isoDay(call.head.day + (another.instead ? 0 : 1))"
    :start="another.start"
    @added="made"
    @update:model-value="another = undefined"
  />
</template>
