import type { Home } from '../api/types'

const digits = ({ customer }: Home) => customer.phone.replace(/\D/g, '')
const named = ({ customer }: Home) => `${customer.name}\n${customer.street}`.toLowerCase()

/** Fewer digits are no telephone number by which two are the same. */
const DIGITS_OF_A_PHONE = 6

const areAlike = (one: Home, other: Home) =>
  named(one) === named(other) || (digits(one).length >= DIGITS_OF_A_PHONE && digits(one) === digits(other))

/** Those who may be the same, together. */
export function groupsOf(homes: Home[]): Home[][] {
  const groups: Home[][] = []
  for (const home of homes) {
    const group = groups.find((some) => some.some((one) => areAlike(one, home)))
    if (group) group.push(home)
    else groups.push([home])
  }
  return groups.filter((group) => group.length > 1)
}
