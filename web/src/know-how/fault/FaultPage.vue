<script setup lang="ts">
import { toRef } from 'vue'
import type { Knowhow } from '../../api/types'
import { codeName } from '../../judgement/wording'
import CautionNote from '../../ui/CautionNote.vue'
import { days, lowerFirst, often, percent } from '../../ui/text/format'
import GrimeBar from '../../ui/GrimeBar.vue'
import ChangeLink from '../draft/ChangeLink.vue'
import MethodCard from './MethodCard.vue'
import { needsText } from '../needs'
import { useWhoSays } from '../numbers/numbers'
import { useFault } from './useFault'

const props = defineProps<{ knowhow: Knowhow; fault: string }>()
const {
  pack,
  fault,
  causes,
  consequences,
  stations,
  symptoms,
  codes,
  shifts,
  checks,
  remedies,
  habits,
  cadences,
} = useFault(toRef(props, 'knowhow'), toRef(props, 'fault'))
const whoSays = useWhoSays(() => pack.value)
const per10000 = (rate: number) => Math.round(10_000 * rate)
</script>

<template>
  <p v-if="!fault">
    There is no such fault in this version.
    <RouterLink :to="`/know-how/${pack.id}/faults`" class="underline">All faults</RouterLink>
  </p>
  <article v-else class="grid gap-6">
    <header>
      <RouterLink
        :to="`/know-how/${pack.id}/faults`"
        class="no-print text-soft inline-flex min-h-12 items-center underline decoration-dotted underline-offset-4"
        >All faults</RouterLink
      >
      <div class="flex items-baseline gap-4">
        <h2 class="text-2xl leading-tight">{{ fault.name }}</h2>
        <ChangeLink :kind="pack.id" section="faults" :piece="fault" />
      </div>
      <p class="text-soft">
        <template v-if="stations.length"
          >{{ stations.map((s) => `${s.name} (${s.path.toLowerCase()})`).join(', ') }}.</template
        >
        <template v-else>Not on a path.</template>
        Of 10 000 machines that worked before, {{ per10000(fault.rate) }} have come to have it by themselves
        by the day of the call{{ whoSays(`faults/${fault.id}/rate`) }}.
        <template v-if="fault.needs.length">Only where {{ needsText(fault.needs, pack) }}.</template>
      </p>
      <p v-if="causes.length">
        Brought about by:
        <template v-for="(cause, i) in causes" :key="cause.id"
          >{{ i ? ', ' : ''
          }}<RouterLink
            :to="`/know-how/${pack.id}/faults/${cause.id}`"
            class="underline decoration-dotted underline-offset-4"
            >{{ lowerFirst(cause.name) }}</RouterLink
          >
          {{ percent(cause.chance) }}</template
        >.
      </p>
      <p v-if="consequences.length">
        Brings about:
        <template v-for="(one, i) in consequences" :key="one.id"
          >{{ i ? ', ' : ''
          }}<RouterLink
            :to="`/know-how/${pack.id}/faults/${one.id}`"
            class="underline decoration-dotted underline-offset-4"
            >{{ lowerFirst(one.name) }}</RouterLink
          >
          {{ percent(one.chance) }}</template
        >.
      </p>
      <CautionNote v-if="fault.danger" class="mt-2 max-w-2xl" :pack="pack" :caution="fault.danger" />
    </header>

    <div class="grid gap-x-8 gap-y-6 lg:grid-cols-[20rem_1fr]">
      <div class="grid content-start gap-5">
        <section aria-labelledby="fault-symptoms">
          <h3 id="fault-symptoms" class="text-lg">How it shows</h3>
          <ul>
            <li v-for="symptom in symptoms" :key="symptom.id" class="grid grid-cols-[1fr_auto] gap-x-3 py-1">
              <span class="leading-tight">{{ symptom.name }}</span>
              <span class="font-mono text-sm font-semibold">{{ percent(symptom.strength) }}</span>
              <GrimeBar :chance="symptom.strength" class="col-span-2 mt-1" />
            </li>
          </ul>
          <p class="text-soft mt-1 text-sm">Of machines with this fault, so many show the symptom.</p>
        </section>
        <section v-if="codes.length" aria-labelledby="fault-codes">
          <h3 id="fault-codes" class="text-lg">Codes that point here</h3>
          <ul>
            <li v-for="code in codes" :key="code.maker + code.code" class="leading-relaxed">
              {{ code.maker }} <span class="font-mono text-sm font-semibold">{{ codeName(code) }}</span>:
              {{ code.meaning }}
            </li>
          </ul>
        </section>
        <section v-if="shifts.length" aria-labelledby="fault-facts">
          <h3 id="fault-facts" class="text-lg">What makes it likelier or not</h3>
          <ul>
            <li v-for="shift in shifts" :key="shift.id" class="flex justify-between gap-3">
              <span>{{ shift.text }}</span>
              <span class="font-mono text-sm font-semibold whitespace-nowrap">× {{ shift.times }}</span>
            </li>
          </ul>
        </section>
        <section v-if="habits.length || cadences.length" aria-labelledby="fault-advice">
          <h3 id="fault-advice" class="text-lg">What keeps it away</h3>
          <ul class="list-disc pl-5">
            <li v-for="habit in habits" :key="habit.text">{{ habit.text }}</li>
            <li v-for="cadence in cadences" :key="cadence.id">
              {{ cadence.task }}: {{ often(cadence.shortDays, cadence.longDays)
              }}{{ cadence.limitDays ? `, at the latest after ${days(cadence.limitDays)}` : ''
              }}{{ whoSays(`cadences/${cadence.id}/longDays`) }}.
            </li>
          </ul>
        </section>
      </div>

      <div class="grid content-start gap-5">
        <section aria-labelledby="fault-checks">
          <h3 id="fault-checks" class="text-lg">Checks that tell</h3>
          <div class="grid gap-3 md:grid-cols-2">
            <MethodCard
              v-for="check in checks"
              :key="check.id"
              :pack="pack"
              :tools="knowhow.tools"
              :method="check"
            >
              <p v-for="show in check.shows" :key="show.name">
                “{{ show.name }}” in {{ percent(show.strength) }} of such machines
              </p>
            </MethodCard>
          </div>
        </section>
        <section aria-labelledby="fault-remedies">
          <h3 id="fault-remedies" class="text-lg">Remedies, the gentlest first</h3>
          <div class="grid gap-3 md:grid-cols-2">
            <MethodCard
              v-for="remedy in remedies"
              :key="remedy.id"
              :pack="pack"
              :tools="knowhow.tools"
              :method="remedy"
            >
              <p>Cures {{ percent(remedy.chance) }}</p>
            </MethodCard>
          </div>
        </section>
      </div>
    </div>
  </article>
</template>
