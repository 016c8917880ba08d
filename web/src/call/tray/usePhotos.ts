import { computed } from 'vue'
import type { Call, Line } from '../../api/types'
import { waiting } from '../../store/outgoing/outbox'
import { useCallContext } from '../context'

/** Longest side of a kept photo, in pixels: enough to see which way a clip points. */
const LONGEST = 1600
const QUALITY = 0.8

/** A camera's photo, upright and small enough to send from a cellar. */
async function shrunk(file: File): Promise<Blob> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(scale * picture.width)
  canvas.height = Math.round(scale * picture.height)
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return new Promise((done, fail) =>
    canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('no picture'))), 'image/jpeg', QUALITY),
  )
}

/** Where the pictures are that wait on this device, by photo. */
const here = new Map<string, string>()

function placeHere(photo: string): string | undefined {
  const picture = waiting.value.find(({ command }) => command?.id === photo)?.picture
  if (picture && !here.has(photo)) here.set(photo, URL.createObjectURL(picture))
  return here.get(photo)
}

/** Where a photo of a call is. */
export const photoSource = (call: string, photo: string) =>
  placeHere(photo) ?? `/api/calls/${call}/photos/${photo}`

/** The photos of a line of the job sheet. */
export function usePhotos(line: () => Line) {
  const { call, actions } = useCallContext()
  async function take(event: Event) {
    const input = event.target as HTMLInputElement
    const file = input.files?.[0]
    if (!file) return
    // What is no picture goes as it is, and the server says so.
    await actions.addPhoto(line(), await shrunk(file).catch(() => file))
    input.value = ''
  }
  return {
    photos: computed(() => call.value.photos.filter((photo) => photo.lineId === line().id)),
    take,
    source: (photo: Call['photos'][number]) => photoSource(call.value.head.id, photo.id),
  }
}
