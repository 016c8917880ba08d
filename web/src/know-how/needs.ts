import type { Pack } from '../api/types'
import { byId } from '../judgement/byId'
import { lowerFirst } from '../ui/text/format'

/** What a machine must have, and what the technician must hold, in words; empty for no condition. */
export function needsText(needs: string[], pack: Pack): string {
  return needs
    .map((need) => {
      const not = need.startsWith('!')
      const [id, choice] = need.replace('!', '').split('=')
      if (!choice) {
        return `${not ? 'not fitted' : 'fitted'}: ${lowerFirst(byId(pack.features, id)?.name ?? id!)}`
      }
      const school = byId(pack.schools, id)
      return `${not ? 'you do not hold' : 'you hold'} with “${byId(school?.choices ?? [], choice)?.name ?? choice}”`
    })
    .join(', ')
}
