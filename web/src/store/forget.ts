import { queryClient } from '../api/queryClient'
import { forgetDrafts } from '../ui/drafts'
import { forgetLastCall } from '../ui/lastCall'
import { forgetDevice } from './storage'

/** Leaves nothing on this device of whoever was signed in, and begins anew. */
export async function forgetAndBeginAnew() {
  await forgetDevice()
  forgetDrafts()
  forgetLastCall()
  queryClient.clear()
  location.assign('/')
}
