import type { Schemas } from '@/api/client'

/** People of the club, as they are sent; everybody is invented. */
export const ODA = { id: 1, name: 'Oda' }
export const WILMA = { id: 2, name: 'Wilma' }
export const TOMAS = { id: 3, name: 'Tomas' }
export const INES = { id: 4, name: 'Ines' }

type Place = Schemas['PlaceView']

/** A place as the server would say it, with what a test wants of it. */
export function place(wanted: Partial<Place> = {}): Place {
  return {
    action: 'step',
    call: 'walk',
    shortCall: 'walk',
    count: '1',
    counts: '1',
    end: 0,
    facing: 0,
    feet: { leftX: -0.15, leftY: 0, rightX: 0.15, rightY: 0, lifted: false },
    figure: 'walk',
    foot: 'R',
    note: '',
    run: 0,
    section: 1,
    spoken: '1',
    start: 0,
    step: 1,
    takesWeight: true,
    tick: 12,
    turn: 0,
    weight: 'R',
    ...wanted,
  }
}

/** A song of the club's list; an invented one. */
export function songCard(
  wanted: Partial<Schemas['SongCard']> = {},
  song: Partial<Schemas['SongView']> = {},
): Schemas['SongCard'] {
  return {
    id: 4,
    version: 1,
    explicitWords: false,
    intro: 32,
    meter: 'FOUR',
    phrases: 'A 32',
    style: 'two-step',
    updatedAt: '2026-11-20T19:30:00',
    updatedBy: ODA,
    ...wanted,
    song: {
      title: 'Half Past Harvest',
      artist: 'The Lamplighters',
      bpm: 126.5,
      countRate: '1',
      countsPerMinute: 126.5,
      seconds: 185,
      ...wanted.song,
      ...song,
    },
  }
}

/** A line of a running order. */
export function line(wanted: Partial<Schemas['LineView']> = {}): Schemas['LineView'] {
  return {
    id: 1,
    kind: 'PRACTICE',
    effort: 6,
    minutes: 10,
    start: 0,
    title: 'Tea Urn',
    reasons: [],
    ...wanted,
  }
}

/** A class that is planned and not written down. */
export function classSheet(wanted: Partial<Schemas['ClassSheet']> = {}): Schemas['ClassSheet'] {
  return {
    id: 5,
    group: 1,
    groupName: 'Monday Hall',
    level: 'BEGINNER',
    date: '2026-11-30',
    startsAt: '19:00:00',
    place: 'Sluice Hall',
    minutes: 60,
    planned: 20,
    recorded: false,
    canRecord: true,
    note: '',
    version: 1,
    lines: [],
    written: [],
    ...wanted,
  }
}
