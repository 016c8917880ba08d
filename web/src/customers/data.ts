import type { Customer, CustomerData, Home, Machine } from '../api/types'

export const blankCustomer = (): CustomerData => ({ name: '', street: '', phone: '', email: '', access: '' })

/** What stands on file, to be put right. */
export const dataOf = ({ name, street, phone, email, access, at }: Customer): CustomerData => ({
  name,
  street,
  phone,
  email: email ?? '',
  access: access ?? '',
  latitude: at?.latitude,
  longitude: at?.longitude,
})

/** At which door somebody stands for the machine. */
export const doorOf = (customer: Customer): Pick<Customer, 'street' | 'access' | 'at'> =>
  customer.elsewhere ?? customer

/** A customer as a call about one of their machines has them: with where it stands. */
export const ofMachine = ({ customer, addresses, elsewhere }: Home, machine?: Machine): Customer => ({
  ...customer,
  elsewhere: machine && addresses.find(({ id }) => id === elsewhere[machine.id]),
})
