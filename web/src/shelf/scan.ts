import wasm from 'zxing-wasm/reader/zxing_reader.wasm?url'

/** Of packets, and of the labels made here. */
const FORMATS = ['ean_13', 'ean_8', 'upc_a', 'upc_e', 'code_128', 'qr_code', 'data_matrix', 'itf'] as const

/**
 * What the first barcode in a picture says; nothing where none can be read. The reader is fetched once somebody scans.
 *
 * @throws Error if the picture or the reader cannot be read
 */
export async function scan(picture: Blob): Promise<string | undefined> {
  const { BarcodeDetector, prepareZXingModule } = await import('barcode-detector/ponyfill')
  prepareZXingModule({ overrides: { locateFile: () => wasm } })
  const [found] = await new BarcodeDetector({ formats: [...FORMATS] }).detect(picture)
  return found?.rawValue
}
