import type { Command } from '../../api/types'

/** Something that is drawn already, and not kept yet. */
interface Tapped {
  /** Of whoever did it. */
  account: string
  command: Command
}

const PREFIX = 'grimy-gasket:tapped:'
const written = () => Object.keys(localStorage).filter((key) => key.startsWith(PREFIX))

/**
 * Writes down at once what is drawn before it is kept, as a tab may be killed at any moment.
 *
 * @returns whether there was room
 */
export function note(one: Tapped): boolean {
  try {
    localStorage.setItem(PREFIX + one.command.id, JSON.stringify(one))
    return true
  } catch {
    return false
  }
}

/** It is kept, or not drawn any longer. */
export const strike = (id: string) => localStorage.removeItem(PREFIX + id)

/** What is written down, in the order in which it was done. */
export const tapped = (): Tapped[] =>
  written()
    .map((key) => JSON.parse(localStorage.getItem(key)!) as Tapped)
    .sort((one, other) => one.command.seq - other.command.seq)

/** It goes with whoever did it. */
export const forgetTapped = () => written().forEach((key) => localStorage.removeItem(key))
