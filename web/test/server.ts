/** A double of the server: routes that a test gives, and what was asked of them. */
export interface Asked {
  method: string
  path: string
  /** What stands in the places of the route that are in braces. */
  at: Record<string, string>
  query: URLSearchParams
  // A test knows what it sent.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  body: any
  headers: Headers
}
type Answer = (asked: Asked) => unknown

/** A refusal as the server words it. */
export class Refused {
  constructor(
    readonly status: number,
    readonly detail?: string,
  ) {}
}

let routes: [method: string, pattern: RegExp, names: string[], answer: Answer][] = []
/** Everything that was asked since the last {@link serve}, the first first. */
export let asked: Asked[] = []
let down = false

/** Serves these routes and no others: {@code 'GET /api/dances/{id}'} and what is answered. */
export function serve(wanted: Record<string, Answer>): void {
  asked = []
  down = false
  routes = Object.entries(wanted).map(([route, answer]) => {
    const [method, path] = route.split(' ')
    const names = [...path.matchAll(/\{(\w+)\}/g)].map((match) => match[1])
    return [method, new RegExp(`^${path.replace(/\{\w+\}/g, '([^/]+)')}$`), names, answer]
  })
}

/** From now on nobody answers, or everybody does again. */
export function offline(is: boolean): void {
  down = is
}

/** What was asked of one route. */
export function askedOf(method: string, path: string): Asked[] {
  return asked.filter((one) => one.method === method && one.path === path)
}

export const answer: typeof fetch = async (input) => {
  const request = input instanceof Request ? input : new Request(new URL(String(input), location.href))
  if (down) throw new TypeError('Failed to fetch')
  const url = new URL(request.url)
  const text = await request.clone().text()
  for (const [method, pattern, names, give] of routes) {
    const match = pattern.exec(url.pathname)
    if (!match || method !== request.method) continue
    const one: Asked = {
      method,
      path: url.pathname,
      at: Object.fromEntries(names.map((name, i) => [name, decodeURIComponent(match[i + 1])])),
      query: url.searchParams,
      body: text ? JSON.parse(text) : undefined,
      headers: request.headers,
    }
    asked.push(one)
    const said = await give(one)
    if (said instanceof Refused) {
      return json(said.detail === undefined ? {} : { detail: said.detail }, said.status, request.url)
    }
    return said === undefined ? new Response(null, { status: 204 }) : json(said, 200, request.url)
  }
  return json({ detail: `No test serves ${request.method} ${url.pathname}` }, 404, request.url)
}

function json(body: unknown, status: number, url: string): Response {
  const response = new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json' },
  })
  Object.defineProperty(response, 'url', { value: url })
  return response
}
