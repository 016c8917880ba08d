import type { Searched } from '../api/queries'
import { Problem } from '../api/problem'
import { ask, tell } from '../core/core'
import { nextDays } from './nextDays'

async function asked({ kind, revision, maker = '', features }: Searched, text: string) {
  const inUse = (await nextDays())?.kinds.find((one) => one.kind === kind)?.knowhow
  const knowhow = revision ? `${kind}/${revision}` : inUse
  if (!knowhow) throw Problem.unreachable()
  await tell(knowhow)
  return { knowhow, maker, features, text }
}

/** What has every word that was typed, as this device knows it. */
export const foundHere = async (machine: Searched, text: string) =>
  (await ask('found', await asked(machine, text))).hits

/** What a complaint speaks of, as this device knows it. */
export const heardHere = async (machine: Searched, text: string) =>
  (await ask('heard', await asked(machine, text))).heard
