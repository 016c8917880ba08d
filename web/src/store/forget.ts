import { useLocalStorage } from '@vueuse/core'
import { queryClient } from '../api/queryClient'
import { forgetDrafts } from '../ui/kept/drafts'
import { forgetLastCall } from '../ui/kept/lastCall'
import { forgetTicked } from '../ui/kept/ticked'
import { forgetDevice, forgetKept } from './storage'
import { forgetTapped } from './outgoing/tapped'

/** Somebody has left, and nobody has signed in since. */
const leftEmpty = useLocalStorage('grimy-gasket:left-empty', false)

/** Leaves nothing on this device of whoever was signed in, and begins anew. */
export async function forgetAndBeginAnew() {
  leftEmpty.value = true
  queryClient.clear()
  await forgetDevice()
  forgetTyped()
  location.assign('/')
}

/** The service worker may have kept an answer that was still on its way when somebody left; a page may have been closed meanwhile. */
export async function forgetWhatCameLate() {
  if (leftEmpty.value) await forgetBefore()
}

/** Somebody is signed in: from now on this device keeps what is theirs. */
export const keepAgain = () => void (leftEmpty.value = false)

/** Leaves nothing of whoever was signed in here before; this page shows nothing of it. */
export async function forgetBefore() {
  await forgetKept()
  forgetTyped()
}

function forgetTyped() {
  forgetDrafts()
  forgetTapped()
  forgetTicked()
  forgetLastCall()
}
