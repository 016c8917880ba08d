import { fetchKnowhow } from '../../core/core'
import type { Code, Pack } from '../../api/types'

/** What is known of a machine, as the core is told it: by its family of models, or else by its kind. */
export interface KnowhowHere {
  pack: Pack
  codes: Code[]
}

/** @param name kind and revision, as calls name what they are held against */
export async function knowhowHere(name: string, family?: string): Promise<KnowhowHere> {
  const { pack, codes, families } = JSON.parse(await fetchKnowhow(name)) as KnowhowHere & {
    families: Record<string, Pack>
  }
  return { pack: (family && families[family]) || pack, codes }
}
