import type { Schemas } from './client'
import type { paths } from './schema'

/** What kind of thing was changed. */
export type Thing = paths['/api/history/{thing}/{id}']['get']['parameters']['path']['thing']

/** The shapes of the events on the line of `/api/live/events`, which the contract does not have. */
export interface Hello {
  page: string
}

/** Something was changed, by whom; the version is 0 where it has none. */
export interface Changed {
  thing: Thing
  id: number
  version: number
  by: Schemas['ClubPerson']
}

/** Everybody who is at a place. */
export interface There {
  place: Schemas['Place']
  people: Schemas['ClubPerson'][]
}
