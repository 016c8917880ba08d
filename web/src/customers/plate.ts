import data from '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz?url'
import core from 'tesseract.js-core/tesseract-core-simd-lstm.wasm.js?url'
import worker from 'tesseract.js/dist/worker.min.js?url'
import { ask } from '../core/core'
import type { Machine } from '../api/types'

export type PlateText = Partial<Pick<Machine, 'maker' | 'model' | 'serial'>>

/** The longest side of a picture that is read, in pixels: letters of a plate that fills it are some forty high. */
const LONGEST = 1600

/** Engine of the reader: its neural network alone. */
const LSTM = 1
/** Text wherever some is, as plates have it in boxes. */
const SPARSE = '11'
/** Black and white by what is around (Sauvola and Pietikäinen, 2000): one glare does not take the rest. */
const SAUVOLA = '2'

async function upright(photo: Blob): Promise<HTMLCanvasElement> {
  const picture = await createImageBitmap(photo)
  const scale = LONGEST / Math.max(picture.width, picture.height)
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(scale * picture.width)
  canvas.height = Math.round(scale * picture.height)
  const context = canvas.getContext('2d')!
  context.imageSmoothingQuality = 'high'
  context.filter = 'grayscale(1) contrast(1.3)'
  context.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return canvas
}

/** The text of a picture, line by line. The reader is fetched once somebody reads a plate, and works on this device. */
async function textOf(photo: Blob): Promise<string> {
  const [{ createWorker }, picture] = await Promise.all([import('tesseract.js'), upright(photo)])
  const reader = await createWorker('eng', LSTM, {
    workerPath: worker,
    corePath: core,
    // The reader adds a name of its own to the address, which says nothing after a question mark.
    langPath: `${data}?`,
    workerBlobURL: false,
    cacheMethod: 'none',
  })
  try {
    await reader.setParameters({
      tessedit_pageseg_mode: SPARSE as never,
      thresholding_method: SAUVOLA,
      preserve_interword_spaces: '1',
    })
    const { data: page } = await reader.recognize(picture, { rotateAuto: true })
    return page.text
  } finally {
    await reader.terminate()
  }
}

/**
 * What a rating plate seems to say, to be looked at by whoever took its photo.
 *
 * @param makers that are known
 * @throws Error if the picture or the reader cannot be read
 */
export const readPlate = async (photo: Blob, makers: string[]): Promise<PlateText> =>
  ask('plate', { text: await textOf(photo), makers })
