<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed } from 'vue'
import { clock, isToday, otherDay } from '../ui/clocks'
import { minutes } from '../ui/format'
import { useCallContext } from './context'

const { call, pack } = useCallContext()
const now = useNow({ interval: 10_000 })
const onSite = computed(() => {
  // A call left open on another day is timed anew once it is planned again.
  const { startedAt, head } = call.value
  if (!startedAt || !(head.closing || isToday(startedAt))) return undefined
  const end = head.closing?.at ?? now.value.getTime()
  const passed = Math.max(0, Math.round((end - startedAt) / 60_000))
  return `${Math.floor(passed / 60)}:${String(passed % 60).padStart(2, '0')}`
})
const left = computed(() => call.value.upkeep?.minutes ?? call.value.assessment.plan.expectedMinutes)
</script>

<template>
  <header class="bg-sheet border-line flex items-center gap-5 border-b px-3 py-2 sm:px-5 sm:py-3">
    <dl
      class="plate border-rubber desk:grid hidden grid-cols-[auto_auto] gap-x-3 rounded-md border-2 px-3 py-1 font-mono text-[0.7rem] leading-5"
    >
      <dt class="text-soft">MAKER</dt>
      <dd class="font-bold">{{ call.machine.maker }}</dd>
      <dt class="text-soft">MODEL</dt>
      <dd class="font-bold">{{ call.machine.model || '?' }}</dd>
      <dt class="text-soft">SERIAL</dt>
      <dd class="font-bold">{{ call.machine.serial || '?' }}</dd>
    </dl>
    <div class="min-w-0 flex-1">
      <h1 class="text-xl leading-tight sm:text-2xl">{{ call.complaint || 'Upkeep' }}</h1>
      <p class="text-soft">
        {{ pack.name }} · {{ call.customer.name }}, {{ call.customer.street
        }}<span class="hidden sm:inline"> · {{ call.machine.place }}</span>
        <a
          v-if="call.customer.phone"
          :href="`tel:${call.customer.phone.replaceAll(' ', '')}`"
          class="ml-2 hidden font-mono text-sm underline decoration-dotted sm:inline"
          >{{ call.customer.phone }}</a
        >
      </p>
      <p v-if="call.broughtIn" class="text-sm">
        Brought in from a file by {{ call.broughtIn.by }}, {{ otherDay(call.broughtIn.at) }}
        {{ clock(call.broughtIn.at) }}: what stands here as done was not entered here.
      </p>
    </div>
    <p class="text-right">
      <b v-if="onSite" class="block font-mono text-xl leading-none">{{ onSite }}</b>
      <span class="text-soft text-sm">
        <template v-if="call.head.closing">closed</template>
        <template v-else-if="!call.upkeep && !call.assessment.plan.next">cured</template>
        <template v-else-if="left">about {{ minutes(left) }} to go</template>
        <template v-else-if="call.upkeep">all done</template>
        <template v-else>make it safe</template>
      </span>
    </p>
  </header>
</template>
