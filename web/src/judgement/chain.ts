import type { Layer } from '../api/types'
import { byId } from './byId'

/** Ids of a layer and of those around it. */
export function chain(layers: Layer[], id: string | undefined): string[] {
  const layer = byId(layers, id)
  return layer ? [layer.id, ...chain(layers, layer.within)] : []
}
