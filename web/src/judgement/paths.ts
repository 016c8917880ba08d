import type { Assessment, PathState } from '../api/types'

/** From this chance on a station is worth a closer look. */
const NOTICEABLE = 0.03

/** The paths that a machine has, the one with the likeliest trouble first; those with hardly any are drawn slim. */
export function byTrouble(assessment: Assessment): { path: PathState; slim: boolean }[] {
  const worst = (path: PathState) => Math.max(...path.stations.map((station) => station.chance))
  return assessment.paths
    .filter((path) => path.stations.length)
    .sort((a, b) => worst(b) - worst(a))
    .map((path, i) => ({ path, slim: i > 0 && worst(path) < NOTICEABLE }))
}
