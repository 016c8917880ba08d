const GAP = 0.05

export interface Arc {
  path: string
  /** Where its name stands, and how it is anchored there. */
  x: number
  y: number
  anchor: 'start' | 'middle' | 'end'
}

/** The arcs of a ring of n equal segments, clockwise from the top, around the origin. */
export function arcs(n: number, radius: number, nameRadius: number): Arc[] {
  return Array.from({ length: n }, (_, i) => {
    const from = -Math.PI / 2 + (2 * Math.PI * i) / n + GAP
    const to = -Math.PI / 2 + (2 * Math.PI * (i + 1)) / n - GAP
    const middle = (from + to) / 2
    const at = (angle: number, r: number) =>
      `${(r * Math.cos(angle)).toFixed(2)} ${(r * Math.sin(angle)).toFixed(2)}`
    const side = Math.cos(middle)
    return {
      path: `M${at(from, radius)}A${radius} ${radius} 0 0 1 ${at(to, radius)}`,
      x: nameRadius * side,
      y: nameRadius * Math.sin(middle),
      anchor: side > 0.3 ? 'start' : side < -0.3 ? 'end' : 'middle',
    }
  })
}
