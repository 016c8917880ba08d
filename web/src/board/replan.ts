import { useMutation } from '@tanstack/vue-query'
import { commandTo, sent } from '../api/commands'
import { queryClient } from '../api/queryClient'
import type { TimeWindow } from '../api/types'
import { enter } from '../store/enter'
import { me } from '../store/held'
import { prepareAnew } from '../store/nextDays'

/** Where a call stands, and where it is to stand. */
export interface Change {
  call: string
  from: string
  to: string
  fromDay: number
  fromMinute: number
  day: number
  plannedAt: number
  promised?: TimeWindow
}

/** On this device, if it holds the call; else on the server. */
async function give(...[call, change]: Parameters<typeof commandTo>) {
  const command = commandTo(call, change)
  if (!(await enter(command))) await sent(me().account, command)
}

async function replan({ call, from, to, fromDay, fromMinute, day, plannedAt, promised }: Change) {
  if (from !== to) await give(call, { kind: 'assign', from, to })
  if (day !== fromDay || plannedAt !== fromMinute)
    await give(call, { kind: 'move', fromDay, fromMinute, day, plannedAt, promised })
}

/** The way back. */
export const reversed = (change: Change): Change => ({
  ...change,
  from: change.to,
  to: change.from,
  fromDay: change.day,
  fromMinute: change.plannedAt,
  day: change.fromDay,
  plannedAt: change.fromMinute,
})

/** Gives calls to somebody else, or plans them for another time, one after the other. */
export function useReplan() {
  return useMutation({
    mutationFn: async (changes: Change[]) => {
      for (const change of changes) await replan(change)
    },
    onSettled: () => {
      for (const queryKey of [['board'], ['round'], ['plan']])
        void queryClient.invalidateQueries({ queryKey })
      prepareAnew()
    },
  })
}
