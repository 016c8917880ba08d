import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { away } from '../api/client'
import { sampleHere, type MeterAt } from '../store/held/meters'

export interface Sample {
  second: number
  value: number
  shown: string
  unit: string
  steady?: Steady
}
export interface Steady {
  value: number
  standardUncertainty: number
  shown: string
}

/** A steady value as it is entered. */
export interface Taken {
  text: string
  standardUncertainty: number
  /** None for a series from a file. */
  source?: 'SIMULATED_METER'
}

/** Milliseconds until a lost meter is looked for again. */
const AGAIN = 1500
/** So often one that has never answered is looked for. */
const TRIES = 3

/** From one sample of this device's own to the next. */
const TICK_MS = 500

const urlOf = ({ call, kind, check }: MeterAt) =>
  call ? `/api/calls/${call}/checks/${check}/meter` : `/api/meters/${kind}/${check}`

/**
 * A meter that is listened to; what it has said stays when the connection is lost. Where the application does not answer at all, one of
 * this device's own.
 */
export function useMeter(at: MeterAt) {
  const samples = shallowRef<Sample[]>([])
  const state = ref<'connecting' | 'connected' | 'here' | 'held' | 'lost' | 'refused'>('connecting')
  let source: EventSource | undefined
  let again: number | undefined
  let failed = 0
  let isHere = false

  const keep = (sample: Sample) => (samples.value = [...samples.value, sample])

  function connect() {
    if (isHere) return listenHere()
    source = new EventSource(`${urlOf(at)}?given=${samples.value.length}`)
    source.addEventListener('sample', (event) => {
      state.value = 'connected'
      keep(JSON.parse((event as MessageEvent<string>).data) as Sample)
    })
    source.onerror = () => {
      leave()
      failed++
      if (samples.value.length) state.value = 'lost'
      else if (away.value || failed >= TRIES) return listenHere()
      again = window.setTimeout(connect, AGAIN)
    }
  }

  function listenHere() {
    isHere = true
    state.value = 'here'
    again = window.setInterval(
      () =>
        sampleHere(at, samples.value.length).then(keep, () => {
          leave()
          state.value = 'refused'
        }),
      TICK_MS,
    )
  }

  function leave() {
    window.clearTimeout(again)
    window.clearInterval(again)
    source?.close()
  }

  connect()
  onBeforeUnmount(leave)
  return {
    samples,
    state,
    hold: () => {
      leave()
      state.value = 'held'
    },
    goOn: connect,
  }
}
