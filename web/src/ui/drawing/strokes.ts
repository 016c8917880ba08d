/** Of the field that is signed in, as the core takes it. */
export const WIDTH = 300
export const HEIGHT = 100

/** As many characters as a line of the job sheet has room for beside the name. */
const MOST = 1700

export type Point = [x: number, y: number]
export type Stroke = Point[]

/** The points of a stroke that are at least so far from the one before. */
function thinned(stroke: Stroke, apart: number): Stroke {
  const kept: Stroke = []
  for (const point of stroke) {
    const before = kept.at(-1)
    if (!before || Math.hypot(point[0] - before[0], point[1] - before[1]) >= apart) kept.push(point)
  }
  return kept
}

const written = (strokes: Stroke[]) =>
  strokes.map((stroke) => stroke.map(([x, y]) => `${Math.round(x)},${Math.round(y)}`).join(' ')).join(';')

/** Strokes as the core takes them, with fewer points the more there are; of a scrawl without end, what came first. */
export function strokesText(strokes: Stroke[]): string {
  for (let apart = 2; apart < WIDTH; apart *= 1.3) {
    const text = written(strokes.map((stroke) => thinned(stroke, apart)))
    if (text.length <= MOST) return text
  }
  return strokesText(strokes.slice(0, Math.floor(strokes.length / 2)))
}

/** Strokes as the path of a drawing. */
export const pathOf = (text: string) =>
  text
    .split(';')
    .filter(Boolean)
    // A lone point is a dot.
    .map((stroke) => `M${stroke} ${stroke.split(' ').at(-1)}`)
    .join('')
