<script setup lang="ts">
import { computed } from 'vue'
import { isLate } from '../board/visits'
import type { Arrival, RoundCall } from '../api/types'
import { clockTime, hours, minutes, percent } from '../ui/text/format'
import { mailOf, smsOf } from '../ui/text/links'

/** When somebody is expected at a door, and what to tell there if that is late. */
const props = defineProps<{ call: RoundCall; arrival: Arrival; business: string }>()
const STEP = 5
/** Minutes to spare before somebody is expected. */
const spare = computed(() => props.arrival.begins - props.arrival.arrives)
const WORTH_SAYING = 10
const about = computed(() => clockTime((Math.round(props.arrival.arrives / STEP) * STEP) % 1440))
const text = computed(
  () => `${props.business}: we are running late, and will be with you at about ${about.value}. Sorry!`,
)
const tellings = computed(() => {
  const { phone, email } = props.call
  const all = []
  if (phone) all.push({ name: 'Tell them', href: smsOf(phone, text.value) })
  if (email)
    all.push({
      name: phone ? 'by e-mail' : 'Tell them by e-mail',
      href: mailOf(email, 'Running late', text.value),
    })
  return all
})
</script>

<template>
  <p class="text-soft flex flex-wrap items-center gap-x-3 px-3 pb-2 text-sm sm:px-5 sm:pl-[7rem]">
    <span v-if="arrival.driving >= 1">{{ minutes(arrival.driving) }} to drive</span>
    <span v-if="spare >= WORTH_SAYING">{{ hours(spare) }} to spare before it</span>
    <span v-else>there about {{ about }}</span>
    <template v-if="isLate(arrival)">
      <b class="text-act">late with {{ percent(arrival.chanceLate) }}</b>
      <a
        v-for="{ name, href } in tellings"
        :key="name"
        :href="href"
        class="flex min-h-12 items-center font-semibold underline"
        >{{ name }}</a
      >
    </template>
  </p>
</template>
