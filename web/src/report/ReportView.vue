<script setup lang="ts">
import { computed } from 'vue'
import { Problem } from '../api/problem'
import { useCall, useKnowhow, useSession } from '../api/queries'
import type { Call, Pack } from '../api/types'
import { dayName, days, percent } from '../ui/format'
import Notice from '../ui/Notice.vue'
import ReportCause from './ReportCause.vue'
import ReportHead from './ReportHead.vue'
import ReportParts from './ReportParts.vue'
import ReportStory from './ReportStory.vue'

const props = defineProps<{ id: string }>()
const { data: session } = useSession()
const { data: call, failureReason, refetch } = useCall(() => props.id)
const { data: knowhow } = useKnowhow(
  () => call.value?.machine.kind,
  () => call.value?.revision,
)
/** Both, once both are there. */
const known = computed<{ call: Call; pack: Pack } | undefined>(() =>
  call.value && knowhow.value ? { call: call.value, pack: knowhow.value.pack } : undefined,
)
const codes = computed(() => {
  const maker = call.value?.machine.maker.toLowerCase()
  return knowhow.value?.codes.filter((code) => code.maker.toLowerCase() === maker) ?? []
})
const print = () => window.print()
</script>

<template>
  <Notice
    v-if="!known && failureReason instanceof Problem"
    :problem="failureReason"
    class="m-4"
    @again="refetch()"
    @dismiss="refetch()"
  />
  <main v-if="known && session" class="mx-auto w-full max-w-3xl px-4 pb-10 sm:px-6">
    <div class="no-print flex flex-wrap justify-between gap-2 py-3">
      <RouterLink :to="`/calls/${id}`" class="btn btn-quiet -ml-4">Back to the call</RouterLink>
      <span class="flex flex-wrap gap-2">
        <a
          v-if="known.call.dates.some((date) => date.days)"
          class="btn"
          :href="`/api/calls/${id}/dates.ics`"
          download
          >Dates for a calendar</a
        >
        <button type="button" class="btn btn-act" @click="print">Print</button>
      </span>
    </div>
    <article class="bg-sheet border-line grid gap-5 rounded-xl border p-5 sm:p-8 print:border-0 print:p-0">
      <ReportHead :call="known.call" :pack="known.pack" :session="session" />
      <ReportCause :call="known.call" :pack="known.pack" :codes="codes" />
      <ReportStory :call="known.call" :pack="known.pack" :codes="codes" />
      <ReportParts :call="known.call" :currency="session.currency" />
      <section v-if="known.call.signOff" aria-labelledby="left-title">
        <h2 id="left-title" class="text-xl">Left open on purpose</h2>
        <p>{{ known.call.signOff }}</p>
        <ul class="list-disc pl-5">
          <li v-for="gap in known.call.gaps" :key="gap">{{ gap }}</li>
        </ul>
      </section>
      <section v-if="known.call.advice" aria-labelledby="advice-title">
        <h2 id="advice-title" class="text-xl">Our advice</h2>
        <p class="whitespace-pre-line">{{ known.call.advice }}</p>
      </section>
      <section v-if="known.call.dates.length" aria-labelledby="dates-title">
        <h2 id="dates-title" class="text-xl">Next dates</h2>
        <ul>
          <li v-for="date in known.call.dates" :key="date.task">
            {{ date.task }}:
            <template v-if="date.days">{{ dayName(date.first) }}, then every {{ days(date.days) }}</template>
            <template v-else>after every use</template>
          </li>
        </ul>
      </section>
      <p class="text-soft text-sm">
        How sure we are is computed from what was seen, told and checked;
        {{ percent(known.call.assessment.noneOfThese) }} is left for causes that are not on our list. The
        maker’s instructions and local codes come first.
      </p>
    </article>
  </main>
</template>
