import { v7 as uuid } from 'uuid'
import { acknowledge } from '../store/outgoing/acknowledged'
import { answer, api, patience, putFile } from './client'
import { device, nextSeq, sentHere } from './device'
import type { CallChange, Command, Taken } from './types'

/** A change of a call as a command that may be given; it has no place among those that were. */
export function commandOf(call: string, change: CallChange, id: string = uuid()): Command {
  // As it will be sent: of what is drawn nothing can be kept.
  const plain = JSON.parse(JSON.stringify(change)) as CallChange
  return { id, call, device, seq: 0, at: Date.now(), change: plain }
}

/** A change of a call; sent again, it is the same and does nothing twice. */
export function commandTo(call: string, change: CallChange, id?: string): Command {
  // A picture is asked for by the id of what added it.
  const command = commandOf(call, change, change.kind === 'add-photo' ? change.photo : id)
  sentHere.add(command.id)
  return { ...command, seq: nextSeq() }
}

/**
 * Sends a command, with its picture if it has one, even if the page is left meanwhile: what it makes is drawn already. Once it is
 * acknowledged it is kept for a while, as the server may want it back.
 *
 * @param returned whether it was acknowledged before, and is given back
 */
export async function sent(account: string, command: Command, picture?: Blob, returned?: boolean) {
  const taken = await answer(() => {
    const signal = patience()
    return picture
      ? putPhoto(command, picture, returned, signal)
      : api.POST('/api/commands', {
          body: { command, sentAt: Date.now(), returned },
          keepalive: true,
          signal,
        })
  })
  await acknowledge({ account, command, picture })
  return taken
}

function putPhoto(
  { id, call, device, seq, change }: Command,
  picture: Blob,
  returned: boolean | undefined,
  signal: AbortSignal,
) {
  if (change.kind !== 'add-photo') throw new Error(`${change.kind} has no picture`)
  const query = new URLSearchParams({
    line: change.line,
    device,
    seq: String(seq),
    returned: String(!!returned),
  })
  return putFile<Taken>(`/api/calls/${call}/photos/${id}?${query}`, picture, signal)
}
