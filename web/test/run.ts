import type { Schemas } from '@/api/client'

const PERCENTS = [60, 80, 100]

/** The rule of the ladder for three rungs, as the server sends it: two shaky passes in a row lead down. */
const STANDS: Schemas['StandView'][] = [
  { rung: 0, clean: 1, shaky: 3, lost: 0, top: false },
  { rung: 1, clean: 2, shaky: 4, lost: 0, top: false },
  { rung: 2, clean: 2, shaky: 5, lost: 1, top: true },
  { rung: 0, clean: 1, shaky: 0, lost: 0, top: false },
  { rung: 1, clean: 2, shaky: 0, lost: 0, top: false },
  { rung: 2, clean: 2, shaky: 1, lost: 1, top: true },
]

const said = (counts: number): Schemas['SaidView'][] =>
  Array.from({ length: counts + 4 }, (_, i) => i - 4).map((count) => ({
    tick: count * 12,
    endTick: count * 12 + 6,
    kind: 'COUNT',
    text: String((((count % 8) + 8) % 8) + 1),
    keys: [`count ${(((count % 8) + 8) % 8) + 1}`],
  }))

/** A click on every count from the count-in on, and a bass on count 3. */
const hits = (): Schemas['HitView'][] => [
  ...Array.from({ length: 40 }, (_, i): Schemas['HitView'] => ({
    tick: (i - 4) * 12,
    instrument: i % 4 ? 'CLICK' : 'ACCENT',
    strength: 100,
    semitones: 0,
  })),
  { tick: 24, instrument: 'BASS', strength: 90, semitones: 12 },
]

/** Two walls of 16 counts that turn to 3, with a tag of 4 between them, a step on every count. */
export function run(wanted: Partial<Schemas['RunThroughView']> = {}): Schemas['RunThroughView'] {
  const leg = (tick: number, counts: number, wall: number, section: number): Schemas['LegView'] => ({
    tick,
    counts,
    firstCount: 1,
    wall,
    part: 'A',
    section,
    label: section ? `section ${section}` : 'tag Lull',
    event: section ? undefined : 'TAG',
    startFacing: tick < 96 ? 0 : 2,
  })
  const legs = [leg(0, 8, 1, 1), leg(96, 8, 1, 2), leg(192, 4, 1, 0), leg(240, 8, 2, 1), leg(336, 8, 2, 2)]
  const steps = Array.from({ length: 36 }, (_, i): Schemas['StepView'] => {
    const at = legs.findLastIndex((one) => one.tick <= i * 12)
    return {
      tick: i * 12,
      leg: at,
      count: String((((i * 12 - legs[at].tick) / 12) % 8) + 1),
      foot: i % 2 ? 'L' : 'R',
      weight: i % 2 ? 'L' : 'R',
      takesWeight: true,
      facing: i < 7 ? 0 : 2,
      run: Math.floor(i / 2),
      call: `figure ${Math.floor(i / 2)}`,
      feet: { leftX: 0, leftY: i, rightX: 0.3, rightY: i, lifted: false },
    }
  })
  return {
    dance: 1,
    title: 'Paper Lanterns',
    scope: { kind: 'WALLS', from: 1, to: 2 },
    label: 'walls 1 to 2',
    whole: true,
    fullRate: 120,
    rateKnown: true,
    beats: 4,
    sectionCounts: 8,
    countIn: 4,
    ladder: {
      forKnown: false,
      slowest: 50,
      fastest: 110,
      rungs: PERCENTS.map((percent) => ({
        percent,
        countsPerMinute: percent * 1.2,
        enough: `3 times or more at ${percent} % and not clean: break the hardest section down.`,
        said: said(36),
      })),
      stands: STANDS,
      hold: 3,
    },
    track: {
      songStart: 0,
      counts: 36,
      startFacing: 0,
      startFeet: { leftX: -0.15, leftY: 0, rightX: 0.15, rightY: 0, lifted: false },
      startWeight: 'L',
      legs,
      steps,
      marks: [{ tick: 192, label: 'Tag Lull', steps: '1-4 sway', facing: 2 }],
    },
    hits: hits(),
    song: { title: 'Lanterns', intro: 16, counts: 300, countsPerMinute: 120, seconds: 158 },
    wallStarts: [0, 20],
    scopes: [
      { scope: { kind: 'WALLS', from: 1, to: 2 }, label: 'Walls 1 to 2' },
      { scope: { kind: 'SECTION', from: 1, to: 1 }, label: 'Section 1' },
    ],
    ...wanted,
  }
}

/** Sounds: a click, a bass, and a voice that can count. */
export const SOUND: Schemas['SoundView'] = {
  instruments: (['CLICK', 'ACCENT', 'BASS', 'CRASH'] as const).map((name) => ({
    name,
    fromHz: 440,
    toHz: 440,
    millis: 50,
    noise: 0,
    noiseAboveHz: 0,
    loudness: 80,
  })),
  voiceRate: 8000,
  clips: Object.fromEntries(
    Array.from({ length: 8 }, (_, i) => [`count ${i + 1}`, { start: i * 100, samples: 100 }]),
  ),
}
