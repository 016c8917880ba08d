import { ref } from 'vue'
import { answer, api } from '../api/client'
import { Problem } from '../api/problem'
import type { Import, Inspection, Revision } from '../api/types'
import { useDraft } from '../ui/kept/drafts'

/** A file on its way into the know-how: looked at, then brought in. */
export function useImport(kind: string) {
  const file = ref<string>()
  const note = useDraft(`import-note:${kind}`, '')
  const inspection = ref<Inspection>()
  const cases = ref<string[]>()
  const playing = ref(false)
  const problem = ref<Problem>()
  const busy = ref(false)
  let texts: Pick<Import, 'pack' | 'codes'> = {}

  async function run<T>(request: () => Promise<T>, under = busy): Promise<T | undefined> {
    under.value = true
    problem.value = undefined
    try {
      return await request()
    } catch (e) {
      problem.value = e instanceof Problem ? e : new Problem('', String(e))
    } finally {
      under.value = false
    }
  }
  const params = { path: { kind } }

  /** A name that ends in .csv is a code table, any other a pack. */
  async function choose(picked: File) {
    file.value = picked.name
    inspection.value = cases.value = undefined
    const text = await picked.text()
    texts = picked.name.toLowerCase().endsWith('.csv') ? { codes: text } : { pack: text }
    inspection.value = await run(() =>
      answer(() =>
        api.POST('/api/know-how/{kind}/revisions/inspection', { params, body: { ...texts, note: '' } }),
      ),
    )
    if (inspection.value && !inspection.value.problems.length) await play()
  }

  /** Plays the typical calls with it, which takes a few seconds: another file may be chosen meanwhile. */
  async function play() {
    const played = texts
    const body = { ...texts, note: '' }
    const failing = await run(
      () => answer(() => api.POST('/api/know-how/{kind}/revisions/inspection/cases', { params, body })),
      playing,
    )
    if (played === texts) cases.value = failing
  }

  function forget() {
    file.value = inspection.value = cases.value = problem.value = undefined
  }

  /** All versions with the new one; nothing if that failed. */
  async function add(): Promise<Revision[] | undefined> {
    const broughtIn = await run(() =>
      answer(() =>
        api.POST('/api/know-how/{kind}/revisions', { params, body: { ...texts, note: note.value } }),
      ),
    )
    if (broughtIn) {
      note.value = ''
      forget()
    }
    return broughtIn?.revisions
  }

  return { file, note, inspection, cases, playing, problem, busy, choose, forget, add }
}
