import type { Schemas } from '@/api/client'

export type Answer = 'CLEAN' | 'SHAKY' | 'LOST'

/** Where a class is on its ladder; the rule is the table that the server sent. */
export interface OnLadder {
  stand: number
  /** Passes of each rung that were not clean, since its last clean one. */
  misses: number[]
  /** Full speed was clean. */
  done: boolean
  /** What to do instead of going on; empty while there is no need. */
  enough: string
}

/** At a rung, nothing danced yet. */
export function begin(ladder: Schemas['LadderView'], rung: number): OnLadder {
  return { stand: rung, misses: ladder.rungs.map(() => 0), done: false, enough: '' }
}

export const rungOf = (ladder: Schemas['LadderView'], on: OnLadder): number => ladder.stands[on.stand].rung

/** After an answer of the class. */
export function answered(ladder: Schemas['LadderView'], on: OnLadder, answer: Answer): OnLadder {
  const stand = ladder.stands[on.stand]
  const misses = on.misses.map((many, rung) =>
    rung !== stand.rung ? many : answer === 'CLEAN' ? 0 : many + 1,
  )
  const stuck = misses.findIndex((many) => many >= ladder.hold)
  const to = { CLEAN: stand.clean, SHAKY: stand.shaky, LOST: stand.lost }[answer]
  return {
    stand: to,
    misses,
    done: stand.top && answer === 'CLEAN',
    enough: stuck < 0 ? '' : ladder.rungs[stuck].enough,
  }
}
