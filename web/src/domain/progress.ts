/** Weeks of learning as curves: dances by their stage piled up, and the figures that were met. */

/** From what is certain at the bottom to what fades at the top. */
export const STAGES = ['known', 'practised', 'taught', 'started', 'rusty'] as const
export type PiledStage = (typeof STAGES)[number]

/** What a group had at the end of a week: dances by stage, and figures. */
export type Week = Record<PiledStage, number> & { end: string; figures: number }

/** A number beside the drawing, and its height in the drawing. */
export interface Mark {
  value: number
  y: number
}

/** A stage's share of the pile: its upper edge, and the area down to the stage below. */
export interface Layer {
  stage: PiledStage
  edge: string
  area: string
}

export interface ProgressDrawing {
  /** Where each week stands, from left to right. */
  xs: number[]
  layers: Layer[]
  figures: { line: string; points: { x: number; y: number }[] }
  dances: Mark[]
  figuresMarks: Mark[]
  /** Which weeks have their day written below, by their place. */
  labelled: number[]
}

const MARKS = 4
/** Pixels that the day of a week takes, with room beside it; the first one begins where its week stands. */
const LABEL_WIDTH = 112

/** The least round step by which some marks reach a number: 1, 2, 5, 10, 20, 50 … */
export function stepFor(most: number, marks = MARKS): number {
  const raw = Math.max(1, most / marks)
  const power = 10 ** Math.floor(Math.log10(raw))
  return [1, 2, 5, 10].map((one) => one * power).find((one) => one >= raw) ?? raw
}

function marksTo(most: number, height: number): { top: number; marks: Mark[] } {
  const step = stepFor(most)
  const top = Math.max(1, Math.ceil(most / step)) * step
  const marks = Array.from({ length: top / step + 1 }, (_, i) => ({
    value: i * step,
    y: height - (height * i * step) / top,
  }))
  return { top, marks }
}

const rounded = (at: number) => Math.round(at * 10) / 10
const path = (points: { x: number; y: number }[]) =>
  points.map(({ x, y }, i) => `${i ? 'L' : 'M'}${rounded(x)} ${rounded(y)}`).join('')

/**
 * Lays weeks out in a room of so many pixels; the origin is its upper left corner.
 *
 * @param weeks one at least, the oldest first
 */
export function drawProgress(weeks: Week[], width: number, height: number): ProgressDrawing {
  const xs = weeks.map((_, i) => (weeks.length < 2 ? 0 : (width * i) / (weeks.length - 1)))
  const sums = weeks.map((week) => STAGES.reduce((sum, stage) => sum + week[stage], 0))
  const dances = marksTo(Math.max(0, ...sums), height)
  const met = marksTo(Math.max(0, ...weeks.map((week) => week.figures)), height)
  const at = (i: number, value: number, top: number) => ({
    x: xs[i] ?? 0,
    y: height - (height * value) / top,
  })
  let below = weeks.map(() => 0)
  const layers = STAGES.map((stage) => {
    const above = below.map((value, i) => value + (weeks[i]?.[stage] ?? 0))
    const upper = above.map((value, i) => at(i, value, dances.top))
    const lower = below.map((value, i) => at(i, value, dances.top)).reverse()
    below = above
    return { stage, edge: path(upper), area: `${path(upper)}${path(lower).replace('M', 'L')}Z` }
  })
  const points = weeks.map((week, i) => at(i, week.figures, met.top))
  const every = Math.max(1, Math.ceil((weeks.length * LABEL_WIDTH) / Math.max(LABEL_WIDTH, width)))
  return {
    xs,
    layers,
    figures: { line: path(points), points },
    dances: dances.marks,
    figuresMarks: met.marks,
    labelled: xs.map((_, i) => i).filter((i) => i % every === 0),
  }
}

/** The place of the week that is nearest to a point of the drawing. */
export function nearestWeek(xs: number[], x: number): number {
  return xs.reduce((best, one, i) => (Math.abs(one - x) < Math.abs((xs[best] ?? 0) - x) ? i : best), 0)
}

/** A week in words. */
export function weekInWords(week: Week, day: (iso: string) => string): string {
  const stages = STAGES.filter((stage) => week[stage] > 0).map((stage) => `${week[stage]} ${stage}`)
  return `${day(week.end)}: ${[...stages, `${week.figures} figures met`].join(', ')}`
}
