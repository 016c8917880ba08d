import { onBeforeUnmount, ref, shallowRef } from 'vue'

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
}

/** Milliseconds until a lost meter is looked for again. */
const AGAIN = 1500
/** So often one that has never answered is looked for. */
const TRIES = 3

/** A meter that is listened to; what it has said stays when the connection is lost. */
export function useMeter(url: string) {
  const samples = shallowRef<Sample[]>([])
  const state = ref<'connecting' | 'connected' | 'held' | 'lost' | 'refused'>('connecting')
  let source: EventSource | undefined
  let again: number | undefined
  let failed = 0

  function connect() {
    source = new EventSource(`${url}${url.includes('?') ? '&' : '?'}given=${samples.value.length}`)
    source.addEventListener('sample', (event) => {
      state.value = 'connected'
      samples.value = [...samples.value, JSON.parse((event as MessageEvent<string>).data) as Sample]
    })
    source.onerror = () => {
      leave()
      failed++
      if (samples.value.length) state.value = 'lost'
      else if (failed >= TRIES) state.value = 'refused'
      if (state.value !== 'refused') again = window.setTimeout(connect, AGAIN)
    }
  }

  function leave() {
    window.clearTimeout(again)
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
