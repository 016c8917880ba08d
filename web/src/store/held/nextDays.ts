import { useLocalStorage } from '@vueuse/core'
import { ref } from 'vue'
import { Problem } from '../../api/problem'
import { callKey, queryClient } from '../../api/queryClient'
import { fetchKnowhow } from '../../core/core'
import type { HeldCall, Round } from '../../api/types'
import { isoToday } from '../../ui/text/clocks'
import { daysSince1970 } from '../../ui/text/format'
import { lastCall } from '../../ui/kept/lastCall'
import { getNextDays, nextDays } from './days'
import { drawAhead } from '../outgoing/drawn'
import { held, hold, holdAll, letGo, me, roundOf, session } from './held'
import { prune } from '../outgoing/acknowledged'
import { storage } from '../storage'
import { warm } from '../warm'

/** So many calls are likely to be opened next. */
const AHEAD = 3

/** Whether all that the next days need is on this device. */
export const ready = ref(false)

/** Gets what the next days need onto this device, and lets go of what they do not. */
export async function prepare() {
  const days = await getNextDays()
  const db = await storage()
  const others = []
  for (const { call, version, digest } of days.calls) {
    const before = await held(call)
    if (before?.call.head.version !== version || before.digest !== digest) others.push(call)
  }
  for (const { call } of await holdAll(others))
    void queryClient.invalidateQueries({ queryKey: callKey(call.head.id) })
  for (const { knowhow } of days.kinds) await fetchKnowhow(knowhow)
  // Only now: a day of which half the calls are here is not known here.
  await db.put('nextDays', days, 'now')
  const wanted = new Set(days.calls.map(({ call }) => call))
  for (const id of await db.getAllKeys('calls')) {
    // The call that was looked at last may have been erased meanwhile.
    if (id === lastCall.value && !wanted.has(id)) await hold(id).catch(() => undefined)
    else if (!wanted.has(id)) await letGo(id)
  }
  await prune()
  const open = (await db.getAll('calls')).filter(({ call }) => !call.head.closing)
  const machines = new Set(open.map(({ call }) => call.machine.id))
  ready.value = await warm(days, [...machines])
  // The first that is opened does not wait for the core to be told its know-how.
  await drawAhead(open.sort(byTime).slice(0, AHEAD))
}

/** The settings have changed, which calls are held against, and so is what is only supposed. */
export const prepareAnew = () =>
  void prepare()
    .catch(() => undefined)
    .then(() => queryClient.invalidateQueries({ queryKey: ['consequence'] }))

/** Whose van, schools and round are kept here. */
const owner = useLocalStorage('grimy-gasket:owner', '')

/** Whether somebody has signed in on this device before, and has not signed out. */
export const keepsForSomebody = () => !!owner.value

/** Lets go of what was kept for somebody else, but for what they have not sent yet. */
export async function keepFor(account: string) {
  if (owner.value === account) return
  const db = await storage()
  await db.clear('nextDays')
  for (const id of await db.getAllKeys('calls')) await letGo(id)
  owner.value = account
}

const byTime = (a: HeldCall, b: HeldCall) =>
  a.call.head.day - b.call.head.day ||
  a.call.head.plannedAt - b.call.head.plannedAt ||
  (a.call.head.id < b.call.head.id ? -1 : 1)

/** A day's calls, as far as this device holds them. */
export async function roundHere(chosen?: string): Promise<Round> {
  // Whose calls these are is not known yet: asked again once it is.
  if (!session()) throw Problem.unreachable()
  const today = isoToday()
  const day = chosen || today
  const known = await nextDays()
  const about = daysSince1970(day)
  const told = known && daysSince1970(known.today)
  if (told === undefined || about < told - 1 || about > told + 3) {
    throw new Problem(
      'unreachable',
      'The application does not answer, and this day is not kept on this device: only yesterday to the third day ahead are.',
    )
  }
  const all = await (await storage()).getAll('calls')
  const mine = all.filter(({ call }) => call.head.accountId === me().account).sort(byTime)
  const ofDay = mine.filter(({ call }) => call.head.day === about)
  const leftOpen = day === today ? mine.filter(({ call }) => call.head.day < about && !call.head.closing) : []
  return { day, today, ...(await roundOf(ofDay, leftOpen)) }
}
