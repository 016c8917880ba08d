<script setup lang="ts">
import { computed, ref } from 'vue'
import { useKindNames } from '../api/queries'
import ReportSection from '../report/ReportSection.vue'
import NewCallSheet from '../round/NewCallSheet.vue'
import { isoToday } from '../ui/text/clocks'
import { dayName, isoDay } from '../ui/text/format'
import Failure from '../ui/Failure.vue'
import Notice from '../ui/Notice.vue'
import OverTime from './OverTime.vue'
import { doorOf } from './data'
import { useMachine, useStand } from './queries'

/** A machine, with what it had before. */
const props = defineProps<{ id: string }>()
const { data: file, failureReason, refetch } = useMachine(() => props.id)
const kindName = useKindNames()
const plate = computed(() => {
  const { maker, model, serial, place } = file.value!.machine
  return [
    ['MAKER', maker],
    ['MODEL', model || '?'],
    ['SERIAL', serial || '?'],
    ...(place ? [['PLACE', place]] : []),
  ]
})
const stand = useStand(() => props.id)
const calling = ref(false)
const start = computed(() => file.value && { customer: file.value.customer, machine: file.value.machine })
</script>

<template>
  <main class="mx-auto w-full max-w-4xl px-3 pb-10 sm:px-6">
    <Failure :reason="failureReason" class="my-4" @again="refetch()" />
    <template v-if="file">
      <header class="flex flex-wrap items-start justify-between gap-3 py-4">
        <div>
          <h1 class="text-3xl leading-tight">{{ file.machine.maker }} {{ file.machine.model }}</h1>
          <p>
            {{ kindName(file.machine.kind) }} at
            <RouterLink :to="`/customers/${file.customer.id}`" class="underline decoration-dotted">
              {{ file.customer.name }}, {{ doorOf(file.customer).street }}</RouterLink
            >
          </p>
        </div>
        <button type="button" class="btn btn-act" @click="calling = true">New call</button>
      </header>
      <div class="desk:grid-cols-[1fr_20rem] grid items-start gap-6">
        <section aria-labelledby="history-title">
          <h2 id="history-title" class="mb-2 text-xl">What it had before</h2>
          <p v-if="!file.history.visits.length" class="text-soft">Nothing is on file yet.</p>
          <article
            v-for="visit in file.history.visits"
            :key="visit.call"
            class="bg-sheet border-line mb-3 rounded-xl border p-4"
          >
            <RouterLink :to="`/calls/${visit.call}`" class="block leading-tight">
              <span class="text-soft text-sm">
                {{ dayName(isoDay(visit.day)) }} ·
                {{ visit.cancelled ? 'cancelled' : visit.closedAt ? 'closed' : 'open' }}
              </span>
              <h3 class="text-lg underline decoration-dotted underline-offset-4">
                {{ visit.complaint || 'Upkeep' }}
              </h3>
            </RouterLink>
            <ReportSection
              v-for="section in visit.sections"
              :key="section.title"
              :section="section"
              :level="4"
              class="mt-2"
            />
          </article>
        </section>
        <aside class="grid gap-4">
          <dl
            class="plate border-edge grid grid-cols-[auto_1fr] gap-x-3 rounded-md border-2 px-3 py-1 font-mono text-[0.8rem] leading-6"
            aria-label="Plate"
          >
            <template v-for="[name, value] in plate" :key="name">
              <dt class="text-soft">{{ name }}</dt>
              <dd class="font-bold">{{ value }}</dd>
            </template>
          </dl>
          <section v-if="file.addresses.length">
            <label class="grid gap-1">
              <span class="font-semibold">Stands at</span>
              <select
                class="field"
                :value="file.customer.elsewhere?.id ?? ''"
                :disabled="stand.isPending.value"
                @change="stand.mutate(($event.target as HTMLSelectElement).value || undefined)"
              >
                <option value="">{{ file.customer.street }}</option>
                <option v-for="one in file.addresses" :key="one.id" :value="one.id">{{ one.street }}</option>
              </select>
            </label>
            <Notice v-if="stand.error.value" :problem="stand.error.value" @dismiss="stand.reset()" />
          </section>
          <section v-if="file.dues.length" class="bg-sheet border-line rounded-xl border p-4">
            <h2 class="text-xl">Due next</h2>
            <ul>
              <li
                v-for="due in file.dues"
                :key="due.task"
                class="border-line border-b border-dashed py-1 last:border-b-0"
              >
                {{ due.task }}
                <b class="block" :class="due.day < isoToday() ? 'text-act' : ''">{{ dayName(due.day) }}</b>
              </li>
            </ul>
          </section>
          <OverTime v-for="curve in file.history.curves" :key="curve.name" :curve="curve" />
        </aside>
      </div>
      <NewCallSheet v-model="calling" :day="isoToday()" :start="start" />
    </template>
  </main>
</template>
