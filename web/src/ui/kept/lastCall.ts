import { useStorage } from '@vueuse/core'

/** The call that was last looked at, to lead back to. */
export const lastCall = useStorage('grimy-gasket:last-call', '')

export const forgetLastCall = () => (lastCall.value = '')
