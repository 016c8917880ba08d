<script setup lang="ts">
import { doorOf } from '../customers/data'
import { useNow } from '@vueuse/core'
import { computed, ref } from 'vue'
import { clock, isToday, otherDay } from '../ui/text/clocks'
import { minutes } from '../ui/text/format'
import { mapOf, telOf } from '../ui/text/links'
import { useCallContext } from './context'

const { call, pack } = useCallContext()
/** On a phone it is one line until somebody opens it: the step needs the room. */
const open = ref(false)
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
const plate = computed(() => {
  const { maker, model, serial, place } = call.value.machine
  return [
    ['MAKER', maker],
    ['MODEL', model || '?'],
    ['SERIAL', serial || '?'],
    ...(place ? [['PLACE', place]] : []),
  ]
})
const phone = computed(() => call.value.customer.phone)
const tel = computed(() => telOf(phone.value))
const door = computed(() => doorOf(call.value.customer))
</script>

<template>
  <header
    class="bg-sheet border-line flex flex-wrap items-center gap-x-3 border-b px-3 py-1 sm:px-5 lg:gap-x-5 lg:py-3"
  >
    <button
      type="button"
      class="desk:hidden flex min-h-12 min-w-0 flex-1 items-center gap-2 text-left"
      :aria-expanded="open"
      aria-controls="call-header"
      :aria-label="`${open ? 'Hide' : 'Show'} machine and customer`"
      @click="open = !open"
    >
      <b v-if="onSite" class="font-mono text-lg leading-none">{{ onSite }}</b>
      <span class="truncate">
        <b>{{ pack.name }}</b> · {{ call.customer.name }}
      </span>
      <svg viewBox="0 0 12 8" class="w-3 shrink-0" :class="{ 'rotate-180': open }" aria-hidden="true">
        <path d="M1 1l5 5 5-5" fill="none" stroke="currentColor" stroke-width="2" />
      </svg>
    </button>
    <a v-if="phone" :href="tel" class="btn desk:hidden min-h-12 px-3">Phone</a>
    <a v-if="door.street" :href="mapOf(door)" class="btn desk:hidden min-h-12 px-3">Map</a>
    <div
      id="call-header"
      class="desk:flex basis-full items-center gap-5 py-1"
      :class="open ? 'block' : 'max-desk:sr-only'"
    >
      <dl
        class="plate border-edge max-desk:float-right max-desk:ml-3 grid grid-cols-[auto_auto] gap-x-3 rounded-md border-2 px-3 py-1 font-mono text-[0.7rem] leading-5"
      >
        <template v-for="[name, value] in plate" :key="name">
          <dt class="text-soft">{{ name }}</dt>
          <dd class="font-bold">{{ value }}</dd>
        </template>
      </dl>
      <div class="min-w-0 flex-1">
        <h1 class="text-xl leading-tight sm:text-2xl">{{ call.complaint || 'Upkeep' }}</h1>
        <p class="text-soft">
          {{ pack.name }} · {{ call.customer.name }}, {{ door.street }}
          <a
            v-if="phone"
            :href="tel"
            class="ml-2 inline-block font-mono text-sm underline decoration-dotted"
            >{{ phone }}</a
          >
        </p>
        <p v-if="call.broughtIn" class="text-sm">
          Brought in from a file by {{ call.broughtIn.by }}, {{ otherDay(call.broughtIn.at) }}
          {{ clock(call.broughtIn.at) }}: what stands here as done was not entered here.
        </p>
      </div>
      <p class="desk:text-right">
        <b v-if="onSite" class="max-desk:hidden block font-mono text-xl leading-none">{{ onSite }}</b>
        <span class="text-soft text-sm">
          <template v-if="call.head.closing">{{
            call.head.closing.cancelled ? 'cancelled' : 'closed'
          }}</template>
          <template v-else-if="!call.upkeep && !call.assessment.plan.next">cured</template>
          <template v-else-if="left">about {{ minutes(left) }} to go</template>
          <template v-else-if="call.upkeep">all done</template>
          <template v-else>make it safe</template>
        </span>
      </p>
    </div>
  </header>
</template>
