import { Problem } from '../api/problem'

/** Whether this browser, at this address, can have passkeys: they want https, and a name that is no number. */
export const hasPasskeys = () =>
  'PublicKeyCredential' in window &&
  'parseRequestOptionsFromJSON' in PublicKeyCredential &&
  !/^[\d.]+$|:/.test(location.hostname)

/** What a browser says of a key, without what says nothing. */
type Told = Record<string, unknown>
const told = (credential: Credential | null): Told =>
  JSON.parse(JSON.stringify(credential, (_, value: unknown) => value ?? undefined))

/** What went wrong between a browser and a key, in words. */
function problem(error: unknown): Problem {
  const name = error instanceof DOMException ? error.name : ''
  if (name === 'InvalidStateError') return new Problem('passkey', 'This key is among your passkeys already.')
  if (name === 'SecurityError') {
    return new Problem('passkey', 'Your passkeys are for another address. Open the application by its name.')
  }
  return new Problem('passkey', 'No passkey was given. Try again once the key is at hand.')
}

/** Lets the browser make a passkey, by what the server says. */
export async function makePasskey(options: object): Promise<Told> {
  const publicKey = PublicKeyCredential.parseCreationOptionsFromJSON(
    options as PublicKeyCredentialCreationOptionsJSON,
  )
  return told(
    await navigator.credentials.create({ publicKey }).catch((e: unknown) => Promise.reject(problem(e))),
  )
}

/** Lets one of somebody's passkeys symptom what the server says. */
export async function signByPasskey(options: object): Promise<Told> {
  if (!hasPasskeys()) {
    throw new Problem(
      'passkey',
      'A passkey is wanted, too, which this browser does not have at this address. Open the application by its name, with https.',
    )
  }
  const publicKey = PublicKeyCredential.parseRequestOptionsFromJSON(
    options as PublicKeyCredentialRequestOptionsJSON,
  )
  return told(
    await navigator.credentials.get({ publicKey }).catch((e: unknown) => Promise.reject(problem(e))),
  )
}
