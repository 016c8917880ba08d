import { useMutation } from '@tanstack/vue-query'
import { v7 as uuid } from 'uuid'
import { computed, type Ref } from 'vue'
import { commandTo } from '../api/commands'
import { Problem } from '../api/problem'
import { useSession } from '../api/queries'
import { callKey, queryClient } from '../api/queryClient'
import { daysSince1970, minuteOfDay, windowOf } from '../ui/text/format'
import { anew, enter, sendAtOnce, sendWhatWaits } from '../store/outgoing/enter'
import { me } from '../store/held/held'
import type { Foresight } from './useForesight'
import { refused, settle as settleRefused, waits } from '../store/outgoing/outbox'
import { note, strike } from '../store/outgoing/tapped'
import type {
  Call,
  CallChange,
  Command,
  Entry,
  Finding,
  JobLine,
  Line,
  PartUse,
  Plate,
  Rating,
  Typed,
} from '../api/types'

/** What a bug of ours says means nothing to a technician. */
const NOT_WORKED_OUT = 'This device could not work that out, and has changed nothing. Try again.'

/** Something to be done on a call, as it is sent; sent again, it is the same and does nothing twice. */
interface Sending {
  command: Command
  /** Of a photo that is added. */
  picture?: Blob
  /** What it will make of the call, where that is foreseen. */
  view?: Call
}

/**
 * Everything that can be done on a call. What this device can do is done and drawn at once, and goes out by itself; what the server
 * does not take is told afterwards. Everything else is waited for, and what does not go through is kept, so that it can be tried
 * again.
 */
export function useCallActions(callId: Ref<string>, foresight: Foresight = () => undefined) {
  const { data: session } = useSession()
  const units = () => session.value?.units ?? 'METRIC'
  const mutation = useMutation(
    {
      mutationFn: async ({ command, picture }: Sending) => {
        const here = await enter(command, picture).catch((problem: Problem) => problem)
        if (here === true) return undefined
        // The server may know more than this device, or it has room, but nothing overtakes what it has still to be told.
        if (here && waits(command.call)) throw here
        if (waits(command.call)) await sendWhatWaits()
        if (waits(command.call)) throw Problem.unreachable()
        return sendAtOnce(command, picture).catch((problem: Problem) => {
          // What cannot be by what this device knows may be by what the server knows; but it does not answer.
          throw here && problem.passes ? here : problem
        })
      },
      onMutate: async ({ command, view }) => {
        const queryKey = callKey(command.call)
        // A reading of the call that is still under way would put back what this changes.
        await queryClient.cancelQueries({ queryKey })
        const before = queryClient.getQueryData<Call>(queryKey)
        if (view) queryClient.setQueryData(queryKey, view)
        return before
      },
      onSuccess: () => {
        void queryClient.invalidateQueries({ queryKey: ['round'] })
      },
      onError: (error, { command, view }, before) => {
        if (view) {
          queryClient.setQueryData(callKey(command.call), before)
          // It may have changed meanwhile.
          void refresh()
        }
        if (error instanceof Problem && error.kind === 'stale' && !error.theirs) return refresh()
      },
      onSettled: (_, __, { command, view }) => view && strike(command.id),
    },
    queryClient,
  )
  /** What the server did not take afterwards, and nobody has looked at yet. */
  const notTaken = computed(() => refused.value.find(({ command }) => command?.call === callId.value))
  const problem = computed(() => {
    const error = mutation.error.value
    if (error) return error instanceof Problem ? error : new Problem('', NOT_WORKED_OUT)
    const { kind, message, theirs } = notTaken.value?.refused ?? {}
    return message === undefined ? undefined : new Problem(kind!, message, {}, theirs as Entry)
  })
  const refresh = () => anew(callId.value)

  /** Whether it went through. */
  const run = (sending: Sending) =>
    mutation.mutateAsync(sending).then(
      () => true,
      () => false,
    )

  function send(change: CallChange, picture?: Blob) {
    const { id, view } = foresight(change) ?? {}
    const command = commandTo(callId.value, change, id)
    const isNoted = view && note({ account: me().account, command })
    return run({ command, picture, view: isNoted ? view : undefined })
  }

  /** Somebody has read what was wrong. */
  async function dismiss() {
    if (mutation.error.value) mutation.reset()
    else if (notTaken.value) await settleRefused(notTaken.value)
    void refresh()
  }

  /** Enters what was seen, checked or done. */
  const settle = (finding: Finding) => send({ kind: 'settle', finding })

  /** Enters several findings, one after the other, as long as each goes through. */
  async function settleAll(findings: Finding[]) {
    for (const finding of findings) if (!(await settle(finding))) return false
    return true
  }

  /** Writes a line of the job sheet, or changes one as it was seen. */
  const write = (what: JobLine, line?: Line) =>
    send({ kind: 'write', line: line?.id ?? uuid(), was: line?.what, what })

  return {
    problem,
    busy: mutation.isPending,
    /** Whether something that was done on this call is not with the server yet. */
    waits: computed(() => mutation.isPending.value || waits(callId.value)),
    /** What was to be entered when it met another answer to the same thing. */
    mine: computed(() => {
      const change = (mutation.error.value ? mutation.variables.value : notTaken.value)?.command?.change
      return change?.kind === 'settle' || change?.kind === 'correct' ? change.finding : undefined
    }),
    again: () => mutation.variables.value && run({ ...mutation.variables.value, view: undefined }),
    dismiss,
    settle,
    settleAll,
    correct: (entry: Entry, finding: Finding) =>
      send({ kind: 'correct', entry: entry.id, base: entry.version, finding }),
    /** Enters what an instrument read at a check. */
    takeReading: (check: string, typed: Typed) =>
      send({ kind: 'take-reading', check, typed, units: units() }),
    retakeReading: (entry: Entry, typed: Typed) =>
      send({ kind: 'retake-reading', entry: entry.id, base: entry.version, typed, units: units() }),
    takeBack: (entry: Entry) => send({ kind: 'take-back', entry: entry.id, base: entry.version }),
    /** Makes a visit for upkeep a call about a fault, which was seen on the way. */
    seeFault: () => send({ kind: 'see-fault' }),
    usePart: (remedy: string, part: string, used: number, source: PartUse['source']) =>
      send({ kind: 'use-part', remedy, part, used, source }),
    /** Uses a part that the list does not have. */
    useOther: (other: Omit<Extract<CallChange, { kind: 'use-other' }>, 'kind'>) =>
      send({ kind: 'use-other', ...other }),
    putBack: (use: string) => send({ kind: 'put-back', use }),
    /** Notes the new part's serial number, and where the old one went. */
    describePart: (use: PartUse, serial: string, oldPart: PartUse['oldPart']) =>
      send({
        kind: 'describe-part',
        use: use.id,
        wasSerial: use.serial,
        wasOldPart: use.oldPart,
        serial,
        oldPart,
      }),
    write,
    strike: (line: Line) => send({ kind: 'strike', line: line.id, base: line.version }),
    /** Lays down pieces that the know-how knows. */
    layDown: (pieces: string[]) =>
      send({ kind: 'lay-down', lines: Object.fromEntries(pieces.map((piece) => [piece, uuid()])) }),
    addPhoto: (line: Line, picture: Blob) =>
      send({ kind: 'add-photo', photo: uuid(), line: line.id }, picture),
    removePhoto: (photo: string) => send({ kind: 'remove-photo', photo }),
    /** What is fitted, as the machine of that version was seen. */
    fit: (base: number, features: string[]) => send({ kind: 'fit', base, features }),
    /** What the machine's plate says, as it was typed. */
    rate: (typed: Partial<Record<Rating, string>>, was: Call['machine']['ratings']) =>
      send({ kind: 'rate', typed, units: units(), was }),
    confirm: (caution: string) => send({ kind: 'confirm', caution }),
    unconfirm: (confirmation: string) => send({ kind: 'unconfirm', confirmation }),
    complain: (text: string) => send({ kind: 'complain', text }),
    withdraw: (complaint: string) => send({ kind: 'withdraw', complaint }),
    /** Puts the call, as it was seen, on another day and time, such as 2026-11-26 and 09:30. */
    move: (from: Pick<Call['head'], 'day' | 'plannedAt'>, day: string, time: string, until: string) =>
      send({
        kind: 'move',
        fromDay: from.day,
        fromMinute: from.plannedAt,
        day: daysSince1970(day),
        plannedAt: minuteOfDay(time),
        promised: until ? windowOf(time, until) : undefined,
      }),
    /** Puts right what the plate says, from what was seen of it. */
    describe: (plate: Plate, was: Plate) => send({ kind: 'describe', plate, was }),
    assign: (from: string, to: string) => send({ kind: 'assign', from, to }),
    cancel: (reason: string) => send({ kind: 'cancel', reason }),
    close: (base: number, advice: string, signOff: string) => send({ kind: 'close', base, signOff, advice }),
    reopen: () => send({ kind: 'reopen' }),
  }
}

export type CallActions = ReturnType<typeof useCallActions>
