import type { Knowhow, Pack } from '../api/types'

/** Something that the know-how names, and where it is shown. */
export interface Place {
  label: string
  tag: string
  to: string
}

/** The fault that a check or remedy says most about. */
const mostAbout = (causes: Record<string, number>[]): string | undefined =>
  causes.flatMap((one) => Object.entries(one)).sort(([, a], [, b]) => b - a)[0]?.[0]

/** All that can be found in a kind's know-how. */
export function everything({ pack, codes }: Knowhow): Place[] {
  const base = `/know-how/${pack.id}`
  const atFault = (label: string, tag: string, causes: Record<string, number>[]): Place[] => {
    const fault = mostAbout(causes)
    return fault ? [{ label, tag, to: `${base}/faults/${fault}` }] : []
  }
  return [
    ...pack.faults.map(({ id, name }) => ({ label: name, tag: 'fault', to: `${base}/faults/${id}` })),
    ...pack.symptoms.map(({ id, name }) => ({ label: name, tag: 'symptom', to: `${base}/symptoms#${id}` })),
    ...pack.checks.flatMap((check) =>
      atFault(
        check.name,
        'check',
        check.outcomes.map((outcome) => outcome.causes),
      ),
    ),
    ...pack.remedies.flatMap((remedy) => atFault(remedy.name, 'remedy', [remedy.cures])),
    ...pack.parts.flatMap((part) => atFault(part.name, 'part', curesWith(part.id, pack))),
    ...codes.map((code) => ({
      label: code.meaning,
      tag: `${code.maker} ${code.code}`,
      to: `${base}/codes?find=${encodeURIComponent(`${code.maker} ${code.code}`)}`,
    })),
  ]
}

const curesWith = (part: string, pack: Pack) =>
  pack.remedies.filter((remedy) => remedy.parts.includes(part)).map((remedy) => remedy.cures)
