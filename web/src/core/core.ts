import { wrap, type Remote } from 'comlink'
import { answerQuietly, api, patience } from '../api/client'
import type {
  Asker,
  CallState,
  Circumstances,
  Command,
  Consequence,
  Customer,
  Gauge,
  Heard,
  Hit,
  Judgement,
  NewOfKind,
  NextDays,
  Person,
  RecordOfCall,
  Refusal,
  Report,
  RoundOfDay,
  Session,
  Step,
  Supposed,
  Written,
} from '../api/types'
import { Problem } from '../api/problem'
import type { Sample } from '../readings/useMeter'
import { storage } from '../store/storage'
import type { Beside } from './worker'

interface Held {
  call: RecordOfCall
  customer: Customer
  knowhow: string
  circumstances: Circumstances
}

interface Became {
  call?: RecordOfCall
  refused?: Refusal
}

interface OfWords {
  knowhow: string
  maker: string
  features: string[]
  text: string
}

/** What the core is asked, and what it answers. */
interface Questions {
  state: [{ held: Held; asker: Asker }, CallState]
  apply: [{ held: Held; command: Command; by: Person }, Became]
  foresee: [{ held: Held; asker: Asker; by: Person; commands: Command[] }, { state?: CallState }]
  begin: [
    {
      command: Command
      by: Person
      knowhow: string
      revision: number
      circumstances: Circumstances
      shelf: NewOfKind['shelf']
      models: NewOfKind['models']
    },
    Became & { circumstances?: Circumstances },
  ]
  steps: [{ held: Held }, { steps: Step[] }]
  step: [{ held: Held; kind: Step['kind']; id: string }, { step?: Step }]
  round: [{ ofDay: Held[]; leftOpen: Held[]; shift: NextDays['shift']; asker: Asker }, RoundOfDay]
  report: [{ held: Held; asker: Asker; sender: NextDays['sender'] }, Report]
  gauges: [{ held?: Held; units: Session['units'] }, { gauges: Gauge[] }]
  judge: [
    {
      held?: Held
      gauge: string
      inputs: Record<string, Written & { text: string }>
      units: Session['units']
    },
    { judgement?: Judgement; problem?: string; fields: Record<string, string> },
  ]
  sample: [
    {
      held?: Held
      knowhow: string
      check: string
      machine: number
      given: number
      units: Session['units']
    },
    Sample,
  ]
  found: [OfWords, { hits: Hit[] }]
  heard: [OfWords, { heard: Heard[] }]
  plate: [{ text: string; makers: string[] }, { maker?: string; model?: string; serial?: string }]
  scanned: [{ held: Held; read: string }, { part?: string }]
  suppose: [
    { knowhow: string; circumstances: Circumstances; supposed: Supposed },
    { consequence?: Consequence; problem?: string },
  ]
}

/** Which core this page has: its address goes by what is in it, and this file's by that. */
export const build = import.meta.url

let core: Promise<Remote<Beside>> | undefined
const toldOf = new Map<string, Promise<unknown>>()

/** Starts the core once it is wanted; it may not be had without signal. */
export function started(): Promise<Remote<Beside>> {
  core ??= start()
  core.catch(() => (core = undefined))
  return core
}

async function start() {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
  const fails = new Promise<never>((_, fail) => {
    worker.onerror = () => fail(Problem.unreachable())
  })
  const remote = wrap<Beside>(worker)
  await Promise.race([remote.address(), fails])
  return remote
}

/** Where the core that this browser runs was had from. */
export const address = async () => (await started()).address()

async function answered(what: string, ...given: string[]): Promise<string> {
  try {
    return await (await started()).ask(what, ...given)
  } catch (problem) {
    // What WebAssembly leaves behind that was stopped in the middle is not to be relied on.
    if ((problem as Error).name === 'RuntimeError') {
      core = undefined
      toldOf.clear()
    }
    throw problem
  }
}

/** Tells the core the know-how of a name, once. */
export async function tell(name: string): Promise<void> {
  const telling = toldOf.get(name) ?? fetchKnowhow(name).then((json) => answered('know', name, json))
  toldOf.set(name, telling)
  telling.catch(() => toldOf.delete(name))
  await telling
}

/** Tells the core know-how that changes, and is kept nowhere. */
export const tellAnew = (name: string, json: string) => answered('know', name, json)

/** Know-how as JSON; kept on this device, as a version never changes. */
export async function fetchKnowhow(name: string): Promise<string> {
  const db = await storage().catch(() => undefined)
  const kept = await db?.get('knowhow', name)
  if (kept) return kept
  const [kind, revision] = name.split('/')
  const path = { kind: kind!, revision: Number(revision) }
  const json = await answerQuietly(() =>
    api.GET('/api/device/know-how/{kind}/{revision}', {
      params: { path },
      parseAs: 'text',
      // What a browser has from before an upgrade is in the form of before.
      cache: 'no-cache',
      signal: patience(),
    }),
  )
  // The core is told it, whether there is room for it or not.
  await db?.put('knowhow', json, name).catch(() => undefined)
  return json
}

/** Asks the core; it has been told the know-how that is asked about. */
export async function ask<Q extends keyof Questions>(
  what: Q,
  question: Questions[Q][0],
): Promise<Questions[Q][1]> {
  return JSON.parse(await answered(what, JSON.stringify(question)))
}
