import type { Searched } from '../../api/queries'
import { ask, tell } from '../../core/core'
import { knowhowInUse } from './days'

async function asked({ kind, revision, maker = '', features }: Searched, text: string) {
  const knowhow = revision ? `${kind}/${revision}` : await knowhowInUse(kind)
  await tell(knowhow)
  return { knowhow, maker, features, text }
}

/** What has every word that was typed. */
export const foundHere = async (machine: Searched, text: string) =>
  (await ask('found', await asked(machine, text))).hits

/** What a complaint speaks of. */
export const heardHere = async (machine: Searched, text: string) =>
  (await ask('heard', await asked(machine, text))).heard
