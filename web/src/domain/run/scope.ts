import type { Schemas } from '@/api/client'

type Scope = Schemas['ScopeView']

/** A scope as it stands in an address. */
export function scopeParams(scope: Scope): Record<string, string> {
  const params: Record<string, string> = {
    kind: scope.kind,
    from: String(scope.from),
    to: String(scope.to),
  }
  if (scope.option !== undefined) params.name = scope.option
  const event = scope.event
  if (event) {
    params.event = event.kind
    if (event.name !== undefined) params.name = event.name
    for (const field of ['section', 'last', 'after'] as const) {
      if (event[field] !== undefined) params[field] = String(event[field])
    }
  }
  return params
}

/** The same as the server's contract types it. */
export function scopeQuery(params: Record<string, string>): ScopeQuery {
  const number = (name: string) => (params[name] === undefined ? undefined : Number(params[name]))
  return {
    kind: params.kind as ScopeQuery['kind'],
    from: number('from'),
    to: number('to'),
    event: params.event as ScopeQuery['event'],
    name: params.name,
    section: number('section'),
    last: number('last'),
    after: number('after'),
  }
}

export interface ScopeQuery {
  kind?: Scope['kind']
  from?: number
  to?: number
  event?: NonNullable<Scope['event']>['kind']
  name?: string
  section?: number
  last?: number
  after?: number
}

/** Names of what stands in an address for a scope. */
export const SCOPE_NAMES = ['kind', 'from', 'to', 'event', 'name', 'section', 'last', 'after'] as const

/** Whether two scopes are the same. */
export function sameScope(a: Scope, b: Scope): boolean {
  return new URLSearchParams(scopeParams(a)).toString() === new URLSearchParams(scopeParams(b)).toString()
}
