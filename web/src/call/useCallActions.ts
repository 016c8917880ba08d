import { useMutation } from '@tanstack/vue-query'
import { v7 as uuid } from 'uuid'
import { computed, ref, type Ref } from 'vue'
import { answer, putFile } from '../api/client'
import { commandTo, sent } from '../api/commands'
import { device, nextSeq, sentHere } from '../api/device'
import { Problem } from '../api/problem'
import { callKey, queryClient, useSession } from '../api/queries'
import { daysSince1970, minuteOfDay } from '../ui/format'
import { useDevice } from './useDevice'
import type {
  Call,
  CallChange,
  Command,
  Entry,
  Finding,
  JobLine,
  Line,
  PartUse,
  Rating,
  Typed,
} from '../api/types'

/** Something to be done on a call, as it is sent; sent again, it is the same and does nothing twice. */
interface Sending {
  send: () => Promise<Call>
  /** What is sent, where this device can tell what comes of it. */
  command?: Command
  /** What was to be settled, to be shown beside what somebody else has settled. */
  mine?: Finding
}

/**
 * Everything that can be done on a call. What does not go through is kept, so that it can be tried again.
 *
 * @param version of the call that is shown; without one nothing is drawn before the server has answered
 */
export function useCallActions(callId: Ref<string>, version: Ref<number | undefined> = ref()) {
  const { data: session } = useSession()
  const units = () => session.value?.units ?? 'METRIC'
  const onDevice = useDevice(callId, version)
  const mutation = useMutation(
    {
      mutationFn: ({ send }: Sending) => send(),
      // A reading of the call that is still under way would put back what this changes.
      onMutate: async ({ command }) => {
        await queryClient.cancelQueries({ queryKey: callKey(callId.value) })
        return onDevice.draw(command)
      },
      onSuccess: (call, _, drawn) => {
        onDevice.answered(drawn)
        queryClient.setQueryData(callKey(callId.value), call)
        void queryClient.invalidateQueries({ queryKey: ['round'] })
      },
      onError: (error, _, drawn) => {
        onDevice.undraw(drawn)
        if (error instanceof Problem && error.kind === 'stale' && !error.theirs) return refresh()
      },
    },
    queryClient,
  )
  const problem = computed(() => {
    const error = mutation.error.value
    return error && !(error instanceof Problem) ? new Problem('', String(error)) : (error ?? undefined)
  })
  const refresh = () => queryClient.invalidateQueries({ queryKey: callKey(callId.value) })

  /** Whether it went through. */
  const run = (sending: Sending) =>
    mutation.mutateAsync(sending).then(
      () => true,
      () => false,
    )

  function send(change: CallChange, mine?: Finding) {
    const command = commandTo(callId.value, change)
    return run({ send: () => sent(command), command, mine })
  }

  /** Enters what was seen, checked or done. */
  const settle = (finding: Finding) => send({ kind: 'settle', finding }, finding)

  /** Enters several findings, one after the other, as long as each goes through. */
  async function settleAll(findings: Finding[]) {
    for (const finding of findings) if (!(await settle(finding))) return false
    return true
  }

  /** Writes a line of the job sheet, or changes one as it was seen. */
  const write = (what: JobLine, line?: Line) =>
    send({ kind: 'write', line: line?.id ?? uuid(), was: line?.what, what })

  function addPhoto(line: Line, picture: Blob) {
    const id = uuid()
    sentHere.add(id)
    const query = new URLSearchParams({ line: line.id, device, seq: String(nextSeq()) })
    const url = `/api/calls/${callId.value}/photos/${id}?${query}`
    return run({ send: () => answer(() => putFile<Call>(url, picture)) })
  }

  return {
    problem,
    busy: mutation.isPending,
    /** What was to be entered when it met another answer to the same thing. */
    mine: computed(() => mutation.variables.value?.mine),
    again: () => mutation.variables.value && run(mutation.variables.value),
    dismiss() {
      mutation.reset()
      void refresh()
    },
    settle,
    settleAll,
    correct: (entry: Entry, finding: Finding) =>
      send({ kind: 'correct', entry: entry.id, base: entry.version, finding }, finding),
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
    addPhoto,
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
    move: (from: Pick<Call['head'], 'day' | 'plannedAt'>, day: string, time: string) =>
      send({
        kind: 'move',
        fromDay: from.day,
        fromMinute: from.plannedAt,
        day: daysSince1970(day),
        plannedAt: minuteOfDay(time),
      }),
    close: (base: number, advice: string, signOff: string) => send({ kind: 'close', base, signOff, advice }),
    reopen: () => send({ kind: 'reopen' }),
  }
}

export type CallActions = ReturnType<typeof useCallActions>
