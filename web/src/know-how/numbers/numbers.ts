import { toValue, type MaybeRefOrGetter } from 'vue'
import { useNumbers } from '../../api/queries'
import type { Pack } from '../../api/types'

type Source = Pack['sources'][number]

export const CONFIDENCE: Record<Source['confidence'], string> = {
  STANDARD: 'a standard, or a law of physics',
  MAKER: 'the maker’s papers',
  AGREED: 'those who do the work agree',
  ONE_WORD: 'one practitioner’s word',
}

const MEMBERS: Record<string, string> = {
  rate: 'how often',
  blocks: 'how much of the flow it takes',
  minutes: 'time',
  openMinutes: 'to open',
  closeMinutes: 'to close',
  dryMinutes: 'to dry',
  shortDays: 'short calendar',
  longDays: 'long calendar',
  normal: 'what a sound one measures',
  least: 'least that is right',
  most: 'most that is right',
  price: 'usual price',
  leak: 'seen without cause',
  share: 'how many',
}
/** Members that only hold others. */
const HOLDERS = ['causes', 'cures', 'broughtBy', 'shifts', 'measure']

const ratingName = (rating: string) => rating.charAt(0) + rating.slice(1).toLowerCase().replaceAll('_', ' ')

/** An address in words: "remedies/clean-filter/minutes" is "Clean the filter: minutes". */
export function addressName(pack: Pack, address: string): string {
  const [section = '', id = '', ...rest] = address.split('/')
  if (section === 'ratings') return ratingName(id)
  const named = (list: unknown, wanted: string) =>
    Array.isArray(list)
      ? (list as { id: string; name?: string; task?: string }[]).find((one) => one.id === wanted)
      : undefined
  const piece = named(pack[section as keyof Pack], id)
  const members = rest
    .filter((member) => !HOLDERS.includes(member))
    .map((member) => MEMBERS[member] ?? named(pack.faults, member)?.name ?? member)
  return [piece?.name ?? piece?.task ?? id, members.join(', ')].filter(Boolean).join(': ')
}

/** Says behind a number whose it is, in brackets; nothing while that is being looked up. */
export function useWhoSays(pack: MaybeRefOrGetter<Pack>) {
  const { data } = useNumbers(() => toValue(pack).id)
  return (address: string) => {
    if (!data.value) return ''
    const source = data.value.find((number) => number.address === address)?.source
    return ` (${toValue(pack).sources.find((one) => one.id === source)?.text ?? 'estimate'})`
  }
}
