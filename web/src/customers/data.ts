import type { Customer, CustomerData } from '../api/types'

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
