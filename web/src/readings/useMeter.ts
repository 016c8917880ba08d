import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { answer } from '../api/client'

export interface Sample {
  second: number
  value: number
  shown: string
  unit: string
  steady?: Steady
}
export interface Steady {
  value: number
  spread: number
  shown: string
}

/** Milliseconds until a lost meter is looked for again. */
const AGAIN = 1500

/** A meter that is listened to; what it has said stays when the connection is lost. */
export function useMeter(url: string) {
  const samples = shallowRef<Sample[]>([])
  const state = ref<'connecting' | 'connected' | 'held' | 'lost' | 'refused'>('connecting')
  const refusal = ref<string>()
  let source: EventSource | undefined
  let again: number | undefined

  function connect() {
    state.value = samples.value.length ? state.value : 'connecting'
    source = new EventSource(`${url}${url.includes('?') ? '&' : '?'}given=${samples.value.length}`)
    source.addEventListener('sample', (event) => {
      state.value = 'connected'
      samples.value = [...samples.value, JSON.parse((event as MessageEvent<string>).data) as Sample]
    })
    source.onerror = () => {
      leave()
      state.value = 'lost'
      again = window.setTimeout(() => void look(), AGAIN)
    }
  }

  /** A meter that is refused, and not only out of reach, is not asked for again and again. */
  async function look() {
    try {
      await answer(() => fetch('/api/session').then((response) => ({ response, data: true })))
      if (!samples.value.length) return refuse()
      connect()
    } catch {
      again = window.setTimeout(() => void look(), AGAIN)
    }
  }

  let tries = 0
  function refuse() {
    if (++tries < 2) return connect()
    state.value = 'refused'
    refusal.value = 'This meter does not answer. Type the reading instead.'
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
    refusal,
    hold: () => {
      leave()
      state.value = 'held'
    },
    goOn: connect,
  }
}
