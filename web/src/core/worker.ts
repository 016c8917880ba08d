import { expose } from 'comlink'
import javaScript from '#device.js?url'
import webAssembly from '#device.wasm?url'
import { start, type Core } from './webassembly'

interface Running {
  core: Core
  /** Where it was had from. */
  address: string
}

/** A browser that does not know this WebAssembly runs the same core as JavaScript. */
const running: Promise<Running> = start(webAssembly).then(
  (core) => ({ core, address: webAssembly }),
  async () => ({ core: (await import(/* @vite-ignore */ javaScript)) as Core, address: javaScript }),
)

/** Beside the page, so that it never waits while the core computes. */
const beside = {
  address: async () => (await running).address,
  ask: async (what: string, ...given: string[]) => (await running).core[what]!(...given),
}
export type Beside = typeof beside

expose(beside)
