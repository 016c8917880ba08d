/** In less, nobody has read a step that has just come: estimate. */
const READING_MS = 600

/**
 * Whether a click is none of the step that it meets, but the rest of one on the step before: a wet thumb taps twice, and the buttons of the next
 * step stand where those of the last stood.
 *
 * @param since when the step came, as events are timed
 */
export const isUnread = (click: MouseEvent, since: number) =>
  click.detail > 1 ||
  ((click as PointerEvent).pointerType === 'touch' && click.timeStamp - since < READING_MS)
