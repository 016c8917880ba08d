import { expose } from 'comlink'
import * as device from '#device'

/** Beside the page, so that it never waits while the core computes. */
const core = { ...device, isHere: () => true }
export type Core = typeof core

expose(core)
