import { v7 as uuid } from 'uuid'
import { answer, api } from './client'
import { device, nextSeq, sentHere } from './device'
import type { CallChange, Command } from './types'

/** A change of a call; sent again, it is the same and does nothing twice. */
export function commandTo(call: string, change: CallChange): Command {
  const command = { id: uuid(), call, device, seq: nextSeq(), at: Date.now(), change }
  sentHere.add(command.id)
  return command
}

/** Sends a command, even if the page is left meanwhile: what it makes may be drawn already. */
export const sent = (command: Command) =>
  answer(() => api.POST('/api/commands', { body: { command, sentAt: Date.now() }, keepalive: true }))
