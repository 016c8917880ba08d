import type { Entry } from './types'

/** An answer of the server that says in a sentence what is wrong, or that there was no answer. */
export class Problem extends Error {
  constructor(
    /** The last part of the problem's type, for example "stale". */
    readonly kind: string,
    message: string,
    /** By the name of the field, where fields are at fault. */
    readonly fields: Record<string, string> = {},
    /** What stands there now, where an entry was out of date. */
    readonly theirs?: Entry,
    /** All that is wrong with a file. */
    readonly problems: string[] = [],
  ) {
    super(message)
  }

  /** Whether the same request may succeed a little later. */
  get passes(): boolean {
    return ['database-away', 'disk-full', 'busy', 'unreachable'].includes(this.kind)
  }

  static of(body: unknown, status: number): Problem {
    const { type, detail, fields, theirs, problems } = (body ?? {}) as Record<string, never>
    return new Problem(
      String(type ?? '').replace('urn:grimy-gasket:', ''),
      detail ?? `The application could not do that (${status}). What you entered is kept; try again.`,
      fields,
      theirs,
      problems,
    )
  }

  static unreachable(): Problem {
    return new Problem(
      'unreachable',
      'The application does not answer. What you entered is kept on this screen; try again in a moment.',
    )
  }
}

declare module '@tanstack/vue-query' {
  interface Register {
    /** What `answer` throws. */
    defaultError: Problem
  }
}
