import type { Customer } from '../../api/types'

const dialled = (phone: string) => phone.replaceAll(' ', '')

export const telOf = (phone: string) => `tel:${dialled(phone)}`
export const smsOf = (phone: string, text: string) => `sms:${dialled(phone)}?body=${encodeURIComponent(text)}`
export const mailOf = (email: string, subject: string, text: string) =>
  `mailto:${encodeURIComponent(email)}?subject=${encodeURIComponent(subject)}&body=${encodeURIComponent(text)}`

/** Where a home stands, for whatever map somebody uses: by its place, or else by its street. */
export function mapOf({ at, street }: Pick<Customer, 'at' | 'street'>) {
  const place = at && `${at.latitude},${at.longitude}`
  const asked = place ? `${place}(${street})` : street
  return `geo:${place ?? '0,0'}?q=${encodeURIComponent(asked)}`
}
