import { v7 as uuid } from 'uuid'
import { answer, api } from './client'
import { device, nextSeq, sentHere } from './device'
import type { CallChange, Command } from './types'

/** A change of a call, ready to be sent; sent again, it is the same and does nothing twice. */
export function command(call: string, change: CallChange) {
  const made: Command = { id: uuid(), call, device, seq: nextSeq(), at: Date.now(), change }
  sentHere.add(made.id)
  return () => answer(() => api.POST('/api/commands', { body: { command: made, sentAt: Date.now() } }))
}
