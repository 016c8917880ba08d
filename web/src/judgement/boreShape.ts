/** Share of the bore's half-width that stays open at the middle of a station, however likely it is blocked. */
const ALWAYS_OPEN = 0.08
const STEPS = 24

/**
 * The open channel of one station as a CSS polygon: full width at both ends, narrowed in the middle by the chance that
 * something is in the way, with a rough edge where there is grime.
 */
export function boreShape(chance: number, vertical: boolean, roughness: number): string {
  const near: string[] = []
  const far: string[] = []
  for (let i = 0; i <= STEPS; i++) {
    const along = i / STEPS
    const bump = Math.exp(-(((along - 0.5) / 0.24) ** 2))
    const grime = chance * (1 - ALWAYS_OPEN) * bump
    const rough = grime > 0.03 ? 0.035 * Math.sin(along * 37 + roughness) * bump : 0
    const half = 0.5 * (1 - grime)
    near.push(point(along, 0.5 - half + Math.abs(rough), vertical))
    far.unshift(point(along, 0.5 + half + rough, vertical))
  }
  return `polygon(${[...near, ...far].join(',')})`
}

function point(along: number, across: number, vertical: boolean): string {
  const a = `${(100 * along).toFixed(1)}%`
  const b = `${(100 * Math.min(1, Math.max(0, across))).toFixed(1)}%`
  return vertical ? `${b} ${a}` : `${a} ${b}`
}
