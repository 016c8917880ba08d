<script setup lang="ts">
import { computed, ref } from 'vue'
import NewCallSheet from '../../round/NewCallSheet.vue'
import type { Start } from '../../round/useNewCall'
import { isoDay } from '../../ui/text/format'
import { useCallContext } from '../context'

/** A call that is made from this one: the same for another day, or one about another kind of machine that takes its place. */
const { call, actions } = useCallContext()
const another = ref<{ start: Start; instead: boolean }>()
const making = ref(false)

const said = computed<Start>(() => ({
  customer: call.value.customer,
  upkeep: call.value.head.upkeep,
  complaint: call.value.complaints.map(({ text }) => text).join('. '),
}))

function make(start: Start, instead: boolean) {
  another.value = { start, instead }
  making.value = true
}
const makeAgain = () => make({ ...said.value, machine: call.value.machine }, false)
/** What was entered about one kind of machine says nothing about another. */
const makeOfOtherKind = () => make({ ...said.value, when: call.value.head }, true)

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
    :key="`${another.instead}`"
    v-model="making"
    :day="isoDay(call.head.day + (another.instead ? 0 : 1))"
    :start="another.start"
    @added="made"
  />
</template>
