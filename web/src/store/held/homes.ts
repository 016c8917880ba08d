import type { HeldCall, Home } from '../../api/types'
import { storage } from '../storage'

export const words = (text: string) =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)

/** Customers of some calls, each with the machines that stand there, that have every word of a search in them somewhere. */
export function homesOf(calls: HeldCall[], search: string): Home[] {
  const homes = new Map<string, Home>()
  for (const { customer, call } of calls) {
    const { elsewhere, ...own } = customer
    const home: Home = homes.get(customer.id) ?? { customer: own, machines: [], addresses: [], elsewhere: {} }
    if (!home.machines.some(({ id }) => id === call.machine.id)) home.machines.push(call.machine)
    if (elsewhere) {
      home.elsewhere[call.machine.id] = elsewhere.id
      if (!home.addresses.some(({ id }) => id === elsewhere.id)) home.addresses.push(elsewhere)
    }
    homes.set(customer.id, home)
  }
  const wanted = words(search)
  return [...homes.values()].filter(({ customer, machines, addresses }) => {
    const told = [
      ...machines.flatMap(({ maker, model, serial }) => [maker, model, serial]),
      ...addresses.map(({ street }) => street),
    ]
    const here = [customer.name, customer.street, customer.phone, ...told].join(' ').toLowerCase()
    return wanted.every((word) => here.includes(word))
  })
}

/** The customers whose calls this device holds. */
export const homesHere = async (search: string) => homesOf(await (await storage()).getAll('calls'), search)
