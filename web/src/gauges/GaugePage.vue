<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { computed } from 'vue'
import { useMeters } from '../api/queries'
import type { Gauge, GaugeInput as Input } from '../api/types'
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
/** A practice meter that reads just what an input asks for; volumes, times and money are read otherwise. */
const meter = (input: Input) =>
  ['TEMPERATURE', 'SUCTION', 'VOLTAGE', 'RESISTANCE', 'AIR_FLOW'].includes(input.quantity)
    ? meters.value?.find((one) => one.quantity === input.quantity)
    : undefined
const print = () => window.print()
</script>

<template>
  <article class="grid gap-5 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
    <header class="lg:col-span-2">
      <h1 class="text-3xl leading-tight">{{ gauge.name }}</h1>
      <p class="text-soft">{{ gauge.tells }}</p>
    </header>
    <form class="grid content-start gap-4" novalidate @submit.prevent>
      <template
        v-for="[title, inputs] in [['Read off', readings] as const, ['This machine', ratings] as const]"
      >
        <fieldset v-if="inputs.length" :key="title" class="grid gap-4">
          <legend class="label-read text-soft mb-2">{{ title }}</legend>
          <GaugeInput
            v-for="input in inputs"
            :key="input.id"
            :model-value="entry.typed.value[input.id] ?? {}"
            :input="input"
            :gauge="gauge.id"
            :meter="meter(input)"
            :error="entry.error(input.id)"
            :wanted="entry.wanted(input.id)"
            @update:model-value="entry.set(input.id, $event)"
          />
        </fieldset>
      </template>
      <button type="button" class="btn btn-quiet no-print justify-self-start" @click="entry.clear()">
        Clear all
      </button>
    </form>
    <div class="grid min-w-0 content-start gap-4">
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
