/**
 * Starts the core as WebAssembly. TeaVM's own loader makes functions out of text, which the content policy forbids: this one gives the
 * module what it asks for, and nothing else.
 */

/** The core: every question is JSON, and so is every answer. */
export type Core = Record<string, (...given: string[]) => string>

type Method = (...given: unknown[]) => unknown

/** Java's strings are those of the browser. */
const strings = { builtins: ['js-string'] }

const PAGE_BYTES = 65_536
/** Strings of numbers are made in there; it grows no further. */
const MOST_BYTES = 16 * 1024 * PAGE_BYTES

// TypeScript does not know these of WebAssembly yet.
interface Thrown {
  is(tag: unknown): boolean
  getArg(tag: unknown, place: number): unknown
}
interface Compiler {
  compileStreaming(source: Promise<Response>, options: typeof strings): Promise<WebAssembly.Module>
}

/**
 * @param address of the module
 * @returns what it can be asked
 * @throws if the browser cannot run it
 */
export async function start(address: string): Promise<Core> {
  const module = await (WebAssembly as unknown as Compiler).compileStreaming(fetch(address), strings)
  const core: Core = {}
  let java: WebAssembly.Exports = {}
  const run = <T>(what: () => T): T => {
    try {
      return what()
    } catch (problem) {
      throw inJavaScript(problem, java)
    }
  }
  const calling = <T>(what: () => T): T => {
    try {
      return what()
    } catch (problem) {
      ;(java['teavm.js.throwException'] as Method)((java['teavm.js.wrapException'] as Method)(problem))
      throw problem
    }
  }
  const instance = await WebAssembly.instantiate(module, {
    ...memory(module),
    teavm: {
      // Whoever reads a problem has its words; where it came from costs time for each, and is read by nobody.
      takeStackTrace: () => ({ getStack: () => [] }),
      decorateException: () => undefined,
    },
    teavmMath: Math as unknown as WebAssembly.ModuleImports,
    teavmDate: { currentTimeMillis: () => Date.now() },
    teavmJso: {
      stringBuiltinsSupported: () => true,
      isUndefined: (value: unknown) => value === undefined,
      instanceOf: (value: unknown, type: new () => unknown) => value instanceof type,
      instanceOfOrNull: (value: unknown, type: new () => unknown) => value === null || value instanceof type,
      global: (name: string) => (globalThis as Record<string, unknown>)[name],
      getProperty: (of: Record<string, unknown> | null, name: string) =>
        (of ?? (globalThis as Record<string, unknown>))[name],
      // The one function that it has is that which gives what it was given.
      createFunction1: () => (value: unknown) => value,
      callFunction1: (of: Method, value: unknown) => calling(() => of(value)),
      callMethod0: (of: Record<string, Method>, name: string) => calling(() => of[name]!()),
      createClass: () => core,
      defineFunction: (of: Method) => of,
      defineStaticMethod: (_: unknown, name: string, of: Core[string]) => {
        core[name] = (...given) => run(() => of(...given))
      },
    },
  })
  java = instance.exports
  return core
}

function memory(module: WebAssembly.Module): WebAssembly.Imports {
  const [needs] = WebAssembly.Module.customSections(module, 'teavm.memoryRequirements')
  const { dataSize = 0, min = 1 } = needs ? JSON.parse(new TextDecoder().decode(needs)) : {}
  const number = (value: number) => new WebAssembly.Global({ value: 'i32', mutable: false }, value)
  return {
    env: { memory: new WebAssembly.Memory({ initial: min, maximum: MOST_BYTES / PAGE_BYTES }) },
    teavmMemory: {
      heapOffset: number(Math.ceil(dataSize / 8) * 8),
      maxSize: number(MOST_BYTES),
      notifyHeapResized: () => undefined,
    },
  }
}

/** What Java has thrown, with its words. */
function inJavaScript(problem: unknown, java: WebAssembly.Exports): unknown {
  const { Exception } = WebAssembly as unknown as { Exception: new () => Thrown }
  const tag = java['teavm.javaException']
  if (!(problem instanceof Exception) || !problem.is(tag)) return problem
  const said = (java['teavm.exceptionMessage'] as Method)(problem.getArg(tag, 0))
  return new Error(said ? String((java['teavm.stringToJs'] as Method)(said)) : 'the core has failed')
}
