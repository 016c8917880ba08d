/** What a list of customers can hold, with names that other programs give it. */
export const COLUMNS = {
  name: { label: 'Name', wanted: true, others: ['customer', 'client', 'full name'] },
  street: { label: 'Street', wanted: true, others: ['address', 'address 1', 'address line 1'] },
  phone: { label: 'Phone', others: ['telephone', 'tel', 'mobile', 'phone number'] },
  email: { label: 'E-mail', others: ['e-mail', 'mail', 'email address'] },
  access: { label: 'How to get in', others: ['notes', 'note', 'remarks', 'instructions'] },
  latitude: { label: 'Latitude', others: ['lat'] },
  longitude: { label: 'Longitude', others: ['lon', 'lng', 'long'] },
  kind: { label: 'Kind of machine', others: ['appliance', 'machine', 'type'] },
  maker: { label: 'Maker', others: ['brand', 'make', 'manufacturer'] },
  model: { label: 'Model', others: ['model number', 'type number'] },
  serial: { label: 'Serial', others: ['serial number', 'serial no'] },
  place: { label: 'Where it stands', others: ['location', 'room'] },
} satisfies Record<string, { label: string; wanted?: boolean; others: string[] }>

export type Column = keyof typeof COLUMNS
export const NAMES = Object.keys(COLUMNS) as Column[]

/** The names in the first line of a list. */
export function headerOf(csv: string): string[] {
  const first = csv.replace(/^\uFEFF/, '').split(/\r?\n/, 1)[0]!
  const marks = [',', ';', '\t']
  const mark = marks.reduce((most, one) => (first.split(one).length > first.split(most).length ? one : most))
  return first.split(mark).map((name) => name.trim().replace(/^"(.*)"$/, '$1'))
}

/** Which of a list's columns is which of ours, as far as its names tell. */
export function guess(header: string[]): Partial<Record<Column, string>> {
  const found: Partial<Record<Column, string>> = {}
  for (const column of NAMES) {
    const names = [column, COLUMNS[column].label.toLowerCase(), ...COLUMNS[column].others]
    const match = header.find((name) => names.includes(name.toLowerCase()))
    if (match) found[column] = match
  }
  return found
}
