import { expose } from 'comlink'
import * as device from '#device'

/** Beside the page, so that it never waits while the core computes. */
const core = { ...device, ahead, isHere: () => true }
export type Core = typeof core

let latest = 0
const others = () => new Promise((done) => setTimeout(done))

/** Works out what may be asked next, one after the other: what is asked meanwhile comes first, and newer guesses take the place of these. */
async function ahead(questions: string[]) {
  const mine = ++latest
  for (const question of questions) {
    await others()
    if (mine === latest) device.ahead(question)
  }
}

expose(core)
