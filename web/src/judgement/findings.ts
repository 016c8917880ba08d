import type { Code, Hit, Pack } from '../api/types'
import { codeName } from './wording'

/** Something that the look-up finds. */
export interface Find {
  kind: 'SYMPTOM' | 'CODE' | 'FAULT'
  id: string
  label: string
  tag: string
  maker?: string
}

/**
 * All that can be looked up by what is typed: a code or pattern of lights, a symptom, a fault.
 *
 * @param symptoms ids of the symptoms that can be seen on the machine
 * @param settled subjects that are known already
 */
export function lookUp(pack: Pack, codes: Code[], symptoms: string[], settled: Set<string>): Find[] {
  const makers = new Set(codes.map((code) => code.maker)).size
  return [
    ...codes
      .filter((code) => !settled.has(code.code))
      .map((code) => ({
        kind: 'CODE' as const,
        id: code.code,
        label: code.meaning,
        tag: makers > 1 ? `${code.maker} ${code.code}` : codeName(code),
        maker: code.maker,
      })),
    ...pack.symptoms
      .filter((symptom) => symptoms.includes(symptom.id) && !settled.has(symptom.id))
      .map((symptom) => ({ kind: 'SYMPTOM' as const, id: symptom.id, label: symptom.name, tag: 'symptom' })),
    ...pack.faults.map((fault) => ({
      kind: 'FAULT' as const,
      id: fault.id,
      label: fault.name,
      tag: 'fault',
    })),
  ]
}

/** Those that were found by what people mean, in that order. */
export const meant = (finds: Find[], hits: Hit[]): Find[] =>
  hits.flatMap((hit) => finds.find((find) => find.kind === hit.kind && find.id === hit.id) ?? [])

/** Those with every word typed, wherever it stands. */
export function matching<T extends { label: string; tag: string }>(finds: T[], typed: string): T[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  return finds.filter((find) =>
    words.every((word) => `${find.tag} ${find.label}`.toLowerCase().includes(word)),
  )
}
