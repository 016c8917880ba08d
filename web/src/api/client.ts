import createClient from 'openapi-fetch'
import { ref } from 'vue'
import { forgetAndBeginAnew, forgetBefore } from '../store/forget'
import { device } from './device'
import { Problem } from './problem'
import type { paths } from './schema'

export const api = createClient<paths>()

api.use({
  onRequest({ request }) {
    for (const [name, value] of Object.entries(headers())) request.headers.set(name, value)
  },
})

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
  if (problem.kind === 'device-lost') await (signedIn ? forgetAndBeginAnew() : forgetBefore())
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
  // The first request brings the token that the second must show.
  await api.GET('/api/session').catch(() => undefined)
  return answer(post)
}

export async function signOut(): Promise<void> {
  signedIn = undefined
  await fetch('/api/session', { method: 'DELETE', headers: headers() }).catch(() => undefined)
}
