import { expose } from 'comlink'
import * as device from '#device'

/** Beside the page, so that it never waits while the core computes. */
export type Core = typeof device

expose({ ...device })
