import type { Draft } from '../../api/types'

/** What a draft changes of a pack: lists of pieces, each with an id. */
export const SECTIONS = ['faults', 'symptoms', 'checks', 'remedies', 'parts', 'cautions'] as const
export type Section = (typeof SECTIONS)[number]

/** One of them; unlike what is in use it need not be sound. */
export type DraftPiece = { id: string; name?: string } & Record<string, unknown>
/** An answer of a check. */
export type Outcome = {
  id: string
  name: string
  shows?: string[]
  causes?: Record<string, number>
} & Record<string, unknown>
export type Named = { id: string; name: string }

export const ONE: Record<Section, string> = {
  faults: 'fault',
  symptoms: 'symptom',
  checks: 'check',
  remedies: 'remedy',
  parts: 'part',
  cautions: 'caution',
}
export const isSection = (text: string): text is Section => SECTIONS.some((section) => section === text)

/** What a piece is called: a caution has a title. */
export const nameOf = ({ id, name, title }: Partial<DraftPiece>) => String(name || title || id)

/** The pieces of any list of the pack, whether it is changed here or only referred to. */
export const piecesOf = (draft: Draft, list: string): DraftPiece[] =>
  Array.isArray(draft.pack[list]) ? draft.pack[list] : []

export const namesOf = (draft: Draft, list: string): Named[] =>
  piecesOf(draft, list).map((piece) => ({ id: piece.id, name: nameOf(piece) }))

/** The places on the paths of water, air and current. */
export const stationsOf = (draft: Draft): Named[] =>
  piecesOf(draft, 'paths').flatMap((path) => (path.stations as Named[] | undefined) ?? [])

/** A short name for the file, which nothing else there has: "Hose swollen inside" is "hose-swollen-inside". */
export function idOf(name: string, taken: string[]): string {
  const plain = name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[^a-z]+/, '')
    .slice(0, 36)
    .replace(/-+$/, '')
  const id = plain || 'piece'
  let number = 2
  let free = id
  while (taken.includes(free)) free = `${id}-${number++}`
  return free
}
