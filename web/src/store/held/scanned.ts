import { ask } from '../../core/core'
import { told } from './held'
import { ofCall } from './ofCall'

/** Id of the part for a call's machine that a barcode is on; none where no part on the list has it. */
export const scannedHere = async (call: string, read: string) =>
  (await ask('scanned', { held: await ofCall(call, told), read })).part
