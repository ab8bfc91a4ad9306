import type { Schemas } from '@/api/client'

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

/** A wall to run through; a step on each of those ticks from its start. */
export function wall(counts: number, ticks: number[], startFacing = 0, tagCounts = 0): Schemas['RunWall'] {
  return {
    wall: {
      number: 1,
      part: 'A',
      startCount: 1,
      counts,
      tagCounts,
      startFacing,
      endFacing: startFacing,
      events: [],
    },
    steps: ticks.map((tick) => ({
      tick,
      facing: startFacing,
      place: place({
        count: String((Math.floor(tick / 12) % 8) + 1),
        tick: tick + 12,
        section: Math.floor(tick / 96) + 1,
      }),
    })),
  }
}
