import { v7 as uuid } from 'uuid'
import type { ComputedRef } from 'vue'
import type { Call, Laid, Line } from '../../api/types'
import { useDraft } from '../../ui/kept/drafts'

/** Screws of one kind as they are typed; none of a kind is no kind. */
export interface ScrewsForm {
  count: number
  drive: string
  thread: string
  lengthMm: number
  place: string
  leftHand: boolean
  cup: string
}

/** A piece on the tray as it is typed. */
interface PieceForm {
  name: string
  screws: ScrewsForm[]
  turn: string
  clips: string
  orientation: string
  joint: boolean
  confirm: Laid['confirm']
}

const noScrews = (): ScrewsForm => ({
  count: 0,
  drive: '',
  thread: '',
  lengthMm: 0,
  place: '',
  leftHand: false,
  cup: '',
})

const blank = (): PieceForm => ({
  name: '',
  screws: [noScrews()],
  turn: '',
  clips: '',
  orientation: '',
  joint: false,
  confirm: [],
})

const of = (piece: Laid): PieceForm => ({
  name: piece.name,
  screws: piece.screws.length
    ? piece.screws.map((group) => ({ ...group.screws, cup: group.cup }))
    : [noScrews()],
  turn: piece.turn ?? '',
  clips: piece.clips.join('\n'),
  orientation: piece.orientation ?? '',
  joint: piece.joint,
  confirm: [...piece.confirm],
})

const fresh = (): Laid => ({
  kind: 'laid',
  id: uuid(),
  name: '',
  screws: [],
  clips: [],
  joint: false,
  lastIn: false,
  confirm: [],
  dryUntil: 0,
  place: 'TRAY',
  confirmed: [],
})

/** The form of a piece: a new one survives a reload while it is half typed; one on the tray is shown as it lies there. */
export function usePieceForm(call: ComputedRef<Call>, line: () => Line<Laid> | undefined) {
  const freeCup = (group: number) => call.value.open.freeCups[group] ?? ''
  const form = useDraft(`piece:${call.value.head.id}`, blank())

  function begin() {
    const piece = line()?.what
    if (piece) form.value = of(piece)
    else if (!form.value.name || call.value.job.pieces.some(({ what }) => what.name === form.value.name))
      form.value = blank()
  }

  const clear = () => (form.value = blank())
  const another = () => form.value.screws.push(noScrews())

  function laid(): Laid {
    const { name, screws, turn, clips, orientation, joint, confirm } = form.value
    const before = line()?.what ?? fresh()
    return {
      ...before,
      name: name.trim(),
      screws: screws
        .map(({ cup, drive, thread, place, ...group }, i) => ({
          screws: { ...group, drive: drive.trim(), thread: thread.trim(), place: place.trim() },
          cup: cup.trim() || freeCup(i),
          back: Math.min(before.screws[i]?.back ?? 0, group.count),
        }))
        .filter((group) => group.screws.count > 0),
      turn: turn.trim() || undefined,
      clips: clips
        .split('\n')
        .map((clip) => clip.trim())
        .filter(Boolean),
      orientation: orientation.trim() || undefined,
      joint,
      confirm,
    }
  }

  return { form, begin, clear, another, laid, freeCup }
}
