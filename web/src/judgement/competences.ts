import type { Competence } from '../api/types'

/** What somebody may be qualified for, as it is named within a sentence. */
export const COMPETENCES: Record<Competence, string> = {
  ELECTRICAL: 'electrical measuring',
  CAPACITORS: 'capacitors and drive electronics',
  GAS: 'gas',
  REFRIGERANT: 'refrigerant',
}
