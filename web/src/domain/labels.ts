import type { Schemas } from '@/api/client'
import type { paths } from '@/api/schema'

/** The words for what travels as a name: each table once, in the trade's words. */
export type Level = Schemas['LevelView']['measured']
export type Stage = Schemas['DanceStanding']['stage']
export type Happened = Schemas['DancedForm']['happened']
export type Outcome = Schemas['DancedForm']['outcome']
export type Kind = Schemas['LineForm']['kind']
export type Mode = Schemas['SavedDrill']['mode']
export type School = Schemas['SchoolView']['school']

/** The easiest first. */
export const LEVEL_WORDS: Record<Level, string> = {
  ABSOLUTE_BEGINNER: 'absolute beginner',
  BEGINNER: 'beginner',
  HIGH_BEGINNER: 'high beginner',
  IMPROVER: 'improver',
  EASY_INTERMEDIATE: 'easy intermediate',
  INTERMEDIATE: 'intermediate',
  ADVANCED: 'advanced',
}
export const LEVELS = Object.keys(LEVEL_WORDS) as Level[]

export const STAGE_WORDS: Record<Stage, string> = {
  NOT_STARTED: 'not started',
  STARTED: 'started',
  TAUGHT: 'taught',
  PRACTISED: 'practised',
  KNOWN: 'known',
  RUSTY: 'rusty',
  RETIRED: 'retired',
}

export const HAPPENED_WORDS: Record<Happened, string> = {
  INTRODUCED: 'taught some sections',
  TAUGHT: 'taught to the end',
  WALKED: 'walked through again',
  DANCED_CALLED: 'danced with calls',
  DANCED: 'danced without calls',
}

export const OUTCOME_WORDS: Record<Outcome, string> = { SOLID: 'solid', SHAKY: 'shaky', LOST: 'lost' }

export const KIND_WORDS: Record<Kind, string> = {
  WARM_UP: 'Warm-up',
  REMINDER: 'Reminder',
  TEACH: 'Teach',
  BREAK: 'Break',
  PRACTICE: 'Practice',
  FINISH: 'Finish',
  COOL_DOWN: 'Cool-down',
}

export const MODE_WORDS: Record<Mode, string> = {
  WORDS: 'in words',
  COUNTS: 'in counts',
  MUSIC: 'to music',
}

type ListQuery = NonNullable<paths['/api/dances/list']['get']['parameters']['query']>
export type Pace = NonNullable<ListQuery['pace']>
export const PACE_WORDS: Record<Pace, string> = {
  SLOW: 'under 100 a minute',
  MIDDLE: '100 to 120',
  FAST: 'over 120',
}

export const OPTION_WORDS: Record<Schemas['OptionView']['kind'], string> = {
  EASIER: 'easier',
  SHOWIER: 'showier',
  OURS: 'ours',
}

export type Weekday = Schemas['GroupForm']['weekday']
export const WEEKDAY_WORDS: Record<Weekday, string> = {
  MONDAY: 'Monday',
  TUESDAY: 'Tuesday',
  WEDNESDAY: 'Wednesday',
  THURSDAY: 'Thursday',
  FRIDAY: 'Friday',
  SATURDAY: 'Saturday',
  SUNDAY: 'Sunday',
}

/** A table as options to choose from. */
export function options<K extends string>(words: Record<K, string>): { value: K; label: string }[] {
  return (Object.keys(words) as K[]).map((value) => ({ value, label: words[value] }))
}
