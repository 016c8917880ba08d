import { v7 as uuid } from 'uuid'
import type { ComputedRef } from 'vue'
import type { Call, Laid, Line } from '../../api/types'
import { useDraft } from '../../ui/drafts'

/** A piece on the tray as it is typed. */
interface PieceForm {
  name: string
  count: number
  drive: string
  thread: string
  lengthMm: number
  cup: string
  turn: string
  clip: string
  orientation: string
  joint: boolean
  confirm: Laid['confirm']
}

const blank = (cup: string): PieceForm => ({
  name: '',
  count: 0,
  drive: '',
  thread: '',
  lengthMm: 0,
  cup,
  turn: '',
  clip: '',
  orientation: '',
  joint: false,
  confirm: [],
})

const of = (piece: Laid): PieceForm => ({
  name: piece.name,
  count: piece.screws?.count ?? 0,
  drive: piece.screws?.drive ?? '',
  thread: piece.screws?.thread ?? '',
  lengthMm: piece.screws?.lengthMm ?? 0,
  cup: piece.cup,
  turn: piece.turn ?? '',
  clip: piece.clip ?? '',
  orientation: piece.orientation ?? '',
  joint: piece.joint,
  confirm: [...piece.confirm],
})

const fresh = (): Laid => ({
  id: uuid(),
  name: '',
  cup: '',
  joint: false,
  lastIn: false,
  confirm: [],
  dryUntil: 0,
  place: 'TRAY',
  screwsBack: 0,
  confirmed: [],
})

/** The form of a piece: a new one survives a reload while it is half typed; one on the tray is shown as it lies there. */
export function usePieceForm(call: ComputedRef<Call>, line: () => Line<Laid> | undefined) {
  const form = useDraft(`piece:${call.value.id}`, blank(call.value.nextCup))

  function begin() {
    const piece = line()?.what
    if (piece) form.value = of(piece)
    else if (!form.value.name || call.value.job.pieces.some(({ what }) => what.name === form.value.name))
      form.value = blank(call.value.nextCup)
  }

  function laid(): Laid {
    const { name, count, drive, thread, lengthMm, cup, turn, clip, orientation, joint, confirm } = form.value
    const before = line()?.what ?? fresh()
    return {
      ...before,
      name: name.trim(),
      screws: count > 0 ? { drive: drive.trim(), thread: thread.trim(), lengthMm, count } : undefined,
      cup: count > 0 ? cup.trim() : '',
      turn: turn.trim() || undefined,
      clip: clip.trim() || undefined,
      orientation: orientation.trim() || undefined,
      joint,
      confirm,
      screwsBack: Math.min(before.screwsBack, count),
    }
  }

  return { form, begin, laid }
}
