import { useLocalStorage } from '@vueuse/core'
import { v7 as uuid } from 'uuid'

/** This browser, as the log of commands knows it. */
export const device = useLocalStorage('grimy-gasket:device', uuid()).value
const count = useLocalStorage('grimy-gasket:seq', 0)

/** Counts what is done on this device. */
export const nextSeq = () => ++count.value

/** Ids of the commands that this page has sent: it has seen what became of them. */
export const sentHere = new Set<string>()
