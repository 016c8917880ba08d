import createClient from 'openapi-fetch'
import { ref } from 'vue'
import { useLocalStorage } from '@vueuse/core'
import { hearHistory } from '../store/outgoing/acknowledged'
import { forgetAndBeginAnew, forgetBefore } from '../store/forget'
import { storage } from '../store/storage'
import { device } from './device'
import { Problem } from './problem'
import type { paths } from './schema'

export const api = createClient<paths>()

api.use({
  onRequest({ request }) {
    for (const [name, value] of Object.entries(headers())) request.headers.set(name, value)
  },
  async onResponse({ response }) {
    const history = response.headers.get('Gasket-History')
    // From the cache of the service worker it would be that of before.
    if (history && response.ok && navigator.onLine && (await hearHistory(history))) returns.value++
  },
})

/** How often something that the server has lost was found on this device. */
export const returns = ref(0)

/** What every request says. */
const headers = () => ({ 'X-XSRF-TOKEN': csrfToken(), 'X-Device': device })

function csrfToken(): string {
  return document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? ''
}

/** True from a request that the server did not answer until the next one that it does. */
export const away = ref(false)

/** True while the session has ended under an open screen: the page then asks to sign in over it. */
export const signInWanted = ref(false)
let waiting: (() => void)[] = []
/** Whose page this is. */
let signedIn: string | undefined

/** Somebody is signed in; what waited for it goes on, if it is whose page this is. */
export function nowSignedIn(account: string) {
  if (signedIn && signedIn !== account) {
    location.assign('/')
    return
  }
  signedIn = account
  signInWanted.value = false
  waiting.forEach((go) => go())
  waiting = []
}

function signInAgain(): Promise<void> {
  signInWanted.value = true
  return new Promise((go) => waiting.push(go))
}

/** No answer for so long is none. */
const PATIENCE_MS = 30_000
export const patience = () => AbortSignal.timeout(PATIENCE_MS)

type Answer<T> = { data?: T; error?: unknown; response: Response }

/**
 * The data of a request, or its problem thrown. A request that meets an ended session waits until somebody has signed in
 * again and is then repeated, so that nothing entered is lost.
 */
export async function answer<T>(request: () => Promise<Answer<T>>, asks = true, again = true): Promise<T> {
  const { data, error, response } = await request().catch(() => {
    away.value = true
    throw Problem.unreachable()
  })
  away.value = false
  if (response.ok) return data as T
  const problem = Problem.of(error, response.status)
  if (problem.kind === 'device-lost') {
    await leaveBehind()
    await (signedIn ? forgetAndBeginAnew() : forgetBefore())
  }
  if (problem.kind === 'proof-needed') {
    if (!(await proofGiven())) throw problem
    return answer(request, asks, again)
  }
  if (problem.kind === 'sign-in-needed' && signedIn && asks) {
    await signInAgain()
    return answer(request)
  }
  if (problem.kind === 'page-too-old' && again) {
    await api.GET('/api/session').catch(() => undefined)
    return answer(request, asks, false)
  }
  throw problem
}

/** The same, for what nobody has asked for: it bothers nobody with signing in. */
export const answerQuietly = <T>(request: () => Promise<Answer<T>>) => answer(request, false)

/** Sends a file as it is; for use within {@link answer}. */
export async function putFile<T>(url: string, file: Blob, signal?: AbortSignal): Promise<Answer<T>> {
  const response = await fetch(url, {
    method: 'PUT',
    headers: { ...headers(), 'Content-Type': file.type },
    body: file,
    signal,
  })
  const body = await response.json()
  return response.ok ? { data: body, response } : { error: body, response }
}

/**
 * Signs in by name and password.
 *
 * @returns what one of their passkeys is to sign before they are in; nothing for whoever has none
 */
export async function signIn(login: string, password: string): Promise<object | undefined> {
  const post = async (): Promise<Answer<object>> => {
    const body = new URLSearchParams({ login, password })
    const response = await fetch('/api/session', { method: 'POST', headers: headers(), body })
    const said = response.status === 204 ? undefined : await response.json()
    return response.ok ? { data: said, response } : { error: said, response }
  }
  await finishSignOut()
  // The first request brings the token that the second must show.
  await api.GET('/api/session').catch(() => undefined)
  return answer(post)
}

/** Somebody has signed out here, and the server does not know yet. */
const signsOut = useLocalStorage('grimy-gasket:signs-out', false)

/** Signs out; without signal the server is told before anything else once there is some. */
export async function signOut(): Promise<void> {
  signedIn = undefined
  signsOut.value = true
  await finishSignOut().catch(() => undefined)
}

/** Tells the server that somebody has signed out here, if it does not know yet; a problem while it cannot be told. */
export async function finishSignOut(): Promise<void> {
  if (!signsOut.value) return
  const end = () => fetch('/api/session', { method: 'DELETE', headers: headers() })
  const ended = await end()
    // The token may be another one by now.
    .then(async (response) => {
      if (response.status !== 403) return response
      await fetch('/api/session').catch(() => undefined)
      return end()
    })
    .catch(() => undefined)
  if (!ended || ended.status >= 500) throw Problem.unreachable()
  signsOut.value = false
}

/** True while somebody is asked for their password once more. */
export const proofWanted = ref(false)
let proved: ((given: boolean) => void) | undefined

/** Whoever was asked for their password has given it, or has not. */
export function prove(given: boolean) {
  proofWanted.value = false
  proved?.(given)
  proved = undefined
}

function proofGiven(): Promise<boolean> {
  prove(false)
  proofWanted.value = true
  return new Promise((answered) => (proved = answered))
}

/** Leaves what this device had not sent to the lead, as it was signed out from afar and forgets everything. */
async function leaveBehind() {
  const waiting = await storage()
    .then((db) => db.getAll('outbox'))
    .catch(() => [])
  if (!waiting.length) return
  const commands = waiting.flatMap(({ command }) => command ?? [])
  await api.POST('/api/left-behind', { body: { commands } }).catch(() => undefined)
}
