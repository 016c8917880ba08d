<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { computed } from 'vue'
import { useMeters } from '../api/queries'
import type { Gauge, GaugeInput as Input, Written } from '../api/types'
import Notice from '../ui/Notice.vue'
import Chart from './Chart.vue'
import GaugeInput from './GaugeInput.vue'
import JudgementCard from './JudgementCard.vue'
import KeepOnCall from './KeepOnCall.vue'
import { useGauge } from './useGauge'

const props = defineProps<{ gauge: Gauge; callId?: string }>()
const entry = useGauge(props.gauge, props.callId)
const { data: meters } = useMeters()
const { copy, copied } = useClipboard({ legacy: true })

const readings = computed(() => props.gauge.inputs.filter((input) => !input.rating))
const ratings = computed(() => props.gauge.inputs.filter((input) => input.rating))
const METERED = ['TEMPERATURE', 'SUCTION', 'VOLTAGE', 'RESISTANCE', 'AIR_FLOW']
/** A practice meter that reads just what an input asks for; on a call, meters stand at its checks. */
const meter = (input: Input) =>
  !props.callId && METERED.includes(input.quantity)
    ? meters.value?.find((one) => one.quantity === input.quantity)
    : undefined
/** An input with what stands there. */
const about = (input: Input) => ({
  modelValue: entry.typed.value[input.id] ?? {},
  'onUpdate:modelValue': (written: Written) => entry.set(input.id, written),
  input,
  gauge: props.gauge.id,
  meter: meter(input),
  error: entry.error(input.id),
  wanted: entry.wanted(input.id),
})
const print = () => window.print()
</script>

<template>
  <article class="grid gap-5 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
    <header class="lg:col-span-2">
      <h1 class="text-3xl leading-tight">{{ gauge.name }}</h1>
      <p class="text-soft">{{ gauge.tells }}</p>
    </header>
    <form class="contents" novalidate @submit.prevent>
      <fieldset class="grid content-start gap-4">
        <legend class="label-read text-soft mb-2">Read off</legend>
        <GaugeInput v-for="input in readings" :key="input.id" v-bind="about(input)" />
        <button type="button" class="btn btn-quiet no-print justify-self-start" @click="entry.clear()">
          Clear all
        </button>
      </fieldset>
      <fieldset v-if="ratings.length" class="order-2 grid content-start gap-4 lg:col-start-1">
        <legend class="label-read text-soft mb-2">This machine’s data</legend>
        <GaugeInput v-for="input in ratings" :key="input.id" v-bind="about(input)" />
      </fieldset>
    </form>
    <div
      class="order-1 grid min-w-0 content-start gap-4 lg:order-none lg:col-start-2 lg:row-span-2 lg:row-start-2"
    >
      <Notice
        v-if="entry.problem.value?.passes"
        :problem="entry.problem.value"
        @again="entry.again()"
        @dismiss="entry.again()"
      />
      <template v-if="entry.judgement.value">
        <JudgementCard :judgement="entry.judgement.value" />
        <Chart
          v-if="entry.judgement.value.picture"
          :picture="entry.judgement.value.picture"
          class="bg-sheet border-line rounded-xl border p-3"
        />
        <section class="bg-sheet border-line rounded-xl border p-4" aria-label="The arithmetic">
          <h2 class="text-lg">The arithmetic</h2>
          <ol class="mt-1 space-y-1 font-mono text-[0.82rem] leading-snug">
            <li v-for="line in entry.judgement.value.arithmetic" :key="line">{{ line }}</li>
          </ol>
          <p class="text-soft mt-3 text-sm">{{ gauge.source }}</p>
        </section>
        <div class="no-print flex flex-wrap gap-2">
          <KeepOnCall
            v-if="callId"
            :gauge="gauge"
            :call-id="callId"
            :judgement="entry.judgement.value"
            :entry="entry"
          />
          <button type="button" class="btn" @click="copy(entry.judgement.value.text)">
            {{ copied ? '✓ Copied' : 'Copy as text' }}
          </button>
          <button type="button" class="btn" @click="print">Print</button>
        </div>
      </template>
      <p v-else class="border-line text-soft rounded-xl border-2 border-dashed p-6">
        {{
          gauge.inputs.some((input) => entry.error(input.id))
            ? 'Put right what is marked; the rest stays as it is.'
            : 'Enter what was read: the judgement stands here as soon as there is enough.'
        }}
      </p>
    </div>
  </article>
</template>
