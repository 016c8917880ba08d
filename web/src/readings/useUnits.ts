import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import type { Quantity, Reading } from '../api/types'

/** How quantities are written for whoever is signed in: values travel in the metric unit. */
export function useUnits() {
  const { data } = useQuery({
    queryKey: ['units'],
    queryFn: () => answer(() => api.GET('/api/units')),
    staleTime: Infinity,
  })
  const unit = (quantity: Quantity) => data.value?.[quantity] ?? { symbol: '', factor: 1, offset: 0 }
  const show = (quantity: Quantity, base: number) =>
    Number(((base - unit(quantity).offset) / unit(quantity).factor).toPrecision(3))
  return {
    /** A proof's reading with its unit. */
    reading: (reading: Reading, value: number) =>
      reading.quantity
        ? `${show(reading.quantity, value)} ${unit(reading.quantity).symbol}`
        : `${value} ${reading.unit}`,
    symbol: (quantity: Quantity) => unit(quantity).symbol,
    toBase: (quantity: Quantity, shown: number) => shown * unit(quantity).factor + unit(quantity).offset,
    show,
  }
}
