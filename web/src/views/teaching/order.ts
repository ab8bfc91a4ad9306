import type { Schemas } from '@/api/client'
import { MODE_WORDS, type School } from '@/domain/labels'
import { mergeFields, mergeLists, type Merged } from '@/domain/merge'

export type Drill = Schemas['SavedDrill']

/** A teach as it is put together: its drills in order, and where they came from. */
export interface Order {
  /** The school that laid it out first. */
  school: School | undefined
  minutes: number
  drills: Drill[]
}

/** The drills of a teach that was laid out, with what was locked of them. */
export function drillsOf(sheet: Schemas['TeachSheet'], locks: boolean[] = []): Drill[] {
  return sheet.drills.map(({ scope, mode, percent, repetitions }, i) => ({
    scope,
    mode,
    percent,
    repetitions,
    locked: locks[i] ?? false,
  }))
}

/** What somebody has decided of a drill: how often it is danced follows from the minutes, unless it is locked. */
const decided = ({ repetitions, ...drill }: Drill) => ({
  ...drill,
  repetitions: drill.locked ? repetitions : 0,
})

/** Puts two changes of a teach together, drill by drill; where both changed the same ones, one's own stay. */
export function mergeTeaches(base: Order, mine: Order, theirs: Order): Merged<Order> {
  const { value: drills, conflicts } = mergeLists(base.drills, mine.drills, theirs.drills, decided)
  const minutes = mergeFields({ of: base.minutes }, { of: mine.minutes }, { of: theirs.minutes })
  return {
    value: { school: theirs.school, minutes: minutes.value.of, drills },
    conflicts: conflicts + minutes.conflicts,
  }
}

/**
 * A teach in words, drill by drill.
 *
 * @param label what a scope is called
 */
export function teachWords(order: Order, label: (scope: Drill['scope']) => string): string[] {
  return [
    `${order.minutes} minutes`,
    ...order.drills.map((drill) => {
      const pace = drill.mode === 'WORDS' ? '' : ` at ${drill.percent} %`
      return `${label(drill.scope)} ${MODE_WORDS[drill.mode]}${pace} × ${drill.repetitions}${drill.locked ? ', locked' : ''}`
    }),
  ]
}
