import { useMutation } from '@tanstack/vue-query'
import { commandTo, sent } from '../api/commands'
import { queryClient } from '../api/queryClient'
import type { RoundCall, TimeWindow } from '../api/types'
import { enter } from '../store/outgoing/enter'
import { me } from '../store/held/held'
import { prepareAnew } from '../store/held/nextDays'

/** Where a call stands: on whose round, when, and what was promised of it. */
export interface Spot {
  account: string
  day: number
  plannedAt: number
  promised?: TimeWindow
}

export interface Change {
  call: string
  was: Spot
  becomes: Spot
}

export const spotOf = ({ day, plannedAt, promised }: RoundCall, account: string): Spot => ({
  account,
  day,
  plannedAt,
  promised,
})

/** The way back, the last change first. */
export const reversed = (changes: Change[]): Change[] =>
  changes.map(({ call, was, becomes }) => ({ call, was: becomes, becomes: was })).reverse()

/** What makes one spot of another. */
export function commandsOf({ call, was, becomes }: Change) {
  const { account: from, ...before } = was
  const { account: to, ...after } = becomes
  const commands = []
  if (from !== to) commands.push(commandTo(call, { kind: 'assign', from, to }))
  if (JSON.stringify(before) !== JSON.stringify(after))
    commands.push(
      commandTo(call, { kind: 'move', fromDay: before.day, fromMinute: before.plannedAt, ...after }),
    )
  return commands
}

/** Gives calls to somebody else, or plans them for another time, one after the other. */
export function useReplan() {
  return useMutation({
    mutationFn: async (changes: Change[]) => {
      for (const command of changes.flatMap(commandsOf))
        // On this device, if it holds the call; else on the server.
        if (!(await enter(command))) await sent(me().account, command)
    },
    onSettled: () => {
      for (const queryKey of [['board'], ['round']]) void queryClient.invalidateQueries({ queryKey })
      prepareAnew()
    },
  })
}
