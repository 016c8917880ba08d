import type { Quantity, Series } from '../api/types'
import { answer, api } from '../api/client'
import type { Sample } from './useMeter'

/** Saves a recorded series on this device, as CSV. */
export async function saveSeries(name: string, samples: Sample[]) {
  const body = { unit: samples[0]!.unit, samples: samples.map(({ second, value }) => ({ second, value })) }
  const csv = await answer(() => api.POST('/api/series/csv', { body, parseAs: 'text' }))
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([csv], { type: 'text/csv' }))
  link.download = `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.csv`
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Reads a recorded series, with its steady end. */
export async function readSeries(file: File, quantity: Quantity): Promise<Series> {
  const text = await file.text()
  return answer(() =>
    api.POST('/api/series', {
      params: { query: { quantity } },
      body: text,
      bodySerializer: (csv) => csv,
      headers: { 'Content-Type': 'text/csv', Accept: 'application/json' },
    }),
  )
}
