<script setup lang="ts">
import { computed, ref } from 'vue'
import { Problem } from '../api/problem'
import type { Quantity, Series } from '../api/types'
import type { MeterAt } from '../store/held/meters'
import Trace from './Trace.vue'
import { readSeries, saveSeries } from './series'
import { useMeter, type Sample, type Steady, type Taken } from './useMeter'

const props = defineProps<{ at: MeterAt; name: string; quantity: Quantity }>()
const emit = defineEmits<{ take: [taken: Taken] }>()
const { samples: live, state, hold, goOn } = useMeter(props.at)
/** A series from a file, in place of the meter. */
const opened = ref<Series>()
const problem = ref<string>()

const samples = computed<Sample[]>(() =>
  opened.value
    ? opened.value.samples.map((moment) => ({ ...moment, shown: '', unit: opened.value!.unit }))
    : live.value,
)
/** The latest that was steady: a connection that is lost afterwards does not take it away. */
const steady = computed<Steady | undefined>(() =>
  opened.value ? opened.value.steady : [...live.value].reverse().find((sample) => sample.steady)?.steady,
)
const isOn = computed(() => state.value === 'connected' || state.value === 'here')
const last = computed(() => live.value.at(-1))
const STATE = {
  connecting: 'Connecting …',
  connected: 'Connected',
  here: 'No answer: this device makes it up by itself',
  held: 'Held',
  lost: 'Connection lost: what came is kept, and it is looked for again',
  refused: 'This meter does not answer: type the reading instead',
}

/** As if it had been typed, with the uncertainty that it had. */
const take = ({ value, standardUncertainty }: Steady) =>
  emit('take', {
    text: String(Number(value.toPrecision(4))),
    standardUncertainty,
    source: opened.value ? undefined : 'SIMULATED_METER',
  })

async function attempt(what: () => Promise<unknown>) {
  problem.value = undefined
  try {
    await what()
  } catch (e) {
    problem.value = e instanceof Problem ? e.message : String(e)
  }
}

function choose(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return
  hold()
  void attempt(async () => (opened.value = await readSeries(file, props.quantity)))
}
</script>

<template>
  <div class="grid gap-3">
    <p class="border-warn bg-warn-pale border-l-8 px-3 py-2">
      <b>Simulated meter.</b> It measures a machine that this application makes up, to try things without a
      van.
    </p>
    <p v-if="opened" class="text-soft">A recorded series of {{ samples.length }} samples.</p>
    <div v-else class="flex items-baseline justify-between gap-3">
      <output class="shrink-0 font-mono text-4xl font-bold whitespace-nowrap" aria-label="Reading now">{{
        last?.shown ?? '–'
      }}</output>
      <p class="text-soft text-right text-sm" role="status">
        <span aria-hidden="true">{{ isOn ? '●' : '○' }}</span> {{ STATE[state] }}
      </p>
    </div>
    <Trace :samples="samples" :steady="steady?.value" />
    <p>
      <template v-if="steady">
        Steady at <b class="font-mono">{{ steady.shown }}</b>, varies by
        <span class="font-mono"
          >± {{ steady.standardUncertainty.toPrecision(2) }} {{ samples[0]?.unit }}</span
        >
      </template>
      <template v-else>{{ opened ? 'It was not steady at its end.' : 'Not steady yet …' }}</template>
    </p>
    <p v-if="problem" role="alert" class="text-act font-semibold">{{ problem }}</p>
    <button
      type="button"
      class="btn btn-act min-h-14 text-lg"
      :disabled="!steady"
      @click="steady && take(steady)"
    >
      Take the steady value
    </button>
    <div class="flex flex-wrap gap-2">
      <button v-if="isOn" type="button" class="btn" @click="hold()">Hold</button>
      <button v-else-if="state === 'held' && !opened" type="button" class="btn" @click="goOn()">Go on</button>
      <button
        type="button"
        class="btn"
        :disabled="!live.length"
        @click="attempt(() => saveSeries(name, live))"
      >
        Save as CSV
      </button>
      <label class="btn focus-within:outline-water cursor-pointer focus-within:outline-3">
        Open a CSV
        <input type="file" accept=".csv,text/csv" class="sr-only" @change="choose" />
      </label>
    </div>
  </div>
</template>
