/** Of the field that is signed in, as the core takes it. */
export const WIDTH = 300
export const HEIGHT = 100

/** As many characters as a line of the job sheet has room for beside the name. */
const MOST = 1700

export type Point = [x: number, y: number]
export type Stroke = Point[]

/** The points of a stroke that are at least so far from the one before; its first and last always. */
function thinned(stroke: Stroke, apart: number): Stroke {
  const kept: Stroke = []
  for (const [i, point] of stroke.entries()) {
    const before = kept.at(-1)
    const far = !before || Math.hypot(point[0] - before[0], point[1] - before[1]) >= apart
    if (far || (i === stroke.length - 1 && apart < WIDTH)) kept.push(point)
  }
  return kept
}

const written = (strokes: Stroke[]) =>
  strokes.map((stroke) => stroke.map(([x, y]) => `${Math.round(x)},${Math.round(y)}`).join(' ')).join(';')

/** Strokes as the core takes them, with fewer points the longer they are; at worst only where each begins. */
export function strokesText(strokes: Stroke[]): string {
  let apart = 2
  let text = written(strokes.map((stroke) => thinned(stroke, apart)))
  while (text.length > MOST && apart < WIDTH) {
    apart *= 1.3
    text = written(strokes.map((stroke) => thinned(stroke, apart)))
  }
  return text.slice(0, MOST).replace(/[ ;][^ ;]*$/, text.length > MOST ? '' : '$&')
}

/** Strokes as the path of a drawing. */
export const pathOf = (text: string) =>
  text
    .split(';')
    .filter(Boolean)
    // A lone point is a dot.
    .map((stroke) => `M${stroke} ${stroke.split(' ').at(-1)}`)
    .join('')
