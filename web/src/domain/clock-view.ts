import { clock, degrees } from './facing'

/**
 * From where a facing is told: on the room's clock, with every wall as if it began at 12, or as the
 * teacher sees it who stands in front and faces the class.
 */
export type ClockView = 'room' | 'wall' | 'mirror'

export const CLOCK_VIEWS: { value: ClockView; label: string; name: string; says: string }[] = [
  {
    value: 'room',
    label: 'room',
    name: 'room clock',
    says: 'Room clock: 12 is the front of the hall, the thick side.',
  },
  {
    value: 'wall',
    label: 'each wall from 12',
    name: 'from 12',
    says: 'Wall-relative: every wall as if it began at 12.',
  },
  {
    value: 'mirror',
    label: 'teacher’s mirror',
    name: 'teacher’s mirror',
    says: 'Mirror: you face the class, the front (thick) behind you. Numbers are the room clock; feet are the ones you use.',
  },
]

/** How a facing is drawn and named. */
export interface ShownFacing {
  label: string
  degrees: number
  /** Whether the hall is drawn with its front below. */
  frontBelow: boolean
}

/**
 * A facing on the room clock, as it is shown.
 *
 * @param facing in eighths right of 12, on the room clock
 * @param start where its wall starts, on the room clock
 */
export function shownFacing(facing: number, start: number, view: ClockView): ShownFacing {
  const told = view === 'wall' ? facing - start : facing
  return {
    label: clock(told),
    degrees: degrees(told) + (view === 'mirror' ? 180 : 0),
    frontBelow: view === 'mirror',
  }
}

/** The foot that is used: the mirror's is the other one. */
export function shownFoot(foot: string | undefined, view: ClockView): string | undefined {
  if (view !== 'mirror' || (foot !== 'L' && foot !== 'R')) return foot
  return foot === 'L' ? 'R' : 'L'
}
