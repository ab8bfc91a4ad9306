import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** An error as the server says it, in words for the person who asked. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message)
  }
}

export const api = createClient<paths>({ baseUrl: '/' })

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((part) => part.startsWith(`${name}=`))
  return found ? decodeURIComponent(found.slice(name.length + 1)) : ''
}

api.use({
  onRequest({ request }) {
    const token = cookie('XSRF-TOKEN')
    if (token && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token)
    return request
  },
  onResponse({ response }) {
    heard(response.headers.get('X-Kept') === null)
  },
})

const watchers: ((there: boolean) => void)[] = []
function heard(there: boolean) {
  watchers.forEach((watcher) => watcher(there))
}

/** Tells after every answer whether the server is there, or the answer was kept on this device, or none came. */
export function onReach(watcher: (there: boolean) => void): void {
  watchers.push(watcher)
}

const listeners: (() => void)[] = []

/** Calls back when the server says that nobody is signed in any more. */
export function onSignedOut(listener: () => void): void {
  listeners.push(listener)
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The answer's data, or a {@link Refusal} that says why there is none. */
export async function ask<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await call
  } catch {
    heard(false)
    throw new Refusal(0, 'The server does not answer. Nothing is lost; try again in a moment.')
  }
  if (answer.response.ok) return answer.data as T
  const detail = (answer.error as { detail?: string } | undefined)?.detail
  if (answer.response.status === 401 && !answer.response.url.endsWith('/api/session')) {
    listeners.forEach((listener) => listener())
  }
  throw new Refusal(answer.response.status, detail ?? `The server refused this (${answer.response.status}).`)
}

/** How the bytes of a file are sent: as they are. */
export function asFile(bytes: ArrayBuffer) {
  return {
    body: bytes as unknown as string,
    bodySerializer: (body: unknown) => body as BodyInit,
    headers: { 'Content-Type': 'application/octet-stream' },
  }
}
