// Makes memory.json: what the reference library of the published model answers.
// Run where ts-fsrs 5.4.2 (MIT) is installed: node make.mjs > memory.json
import { createEmptyCard, fsrs, Rating } from 'ts-fsrs'

const grades = [Rating.Again, Rating.Hard, Rating.Good, Rating.Easy]
const scheduler = fsrs({ request_retention: 0.95, enable_fuzz: false, enable_short_term: false })
const histories = [
  [[0, 2]],
  [[0, 0], [7, 2], [7, 2], [14, 2]],
  [[0, 1], [7, 2], [14, 1], [7, 2]],
  [[0, 2], [7, 2], [14, 2], [28, 2], [56, 2], [112, 3]],
  [[0, 2], [7, 1], [7, 0], [7, 2], [21, 3]],
  [[0, 3], [35, 2], [70, 0], [7, 1], [7, 2], [7, 2]],
  [[0, 2], [1, 2], [3, 2], [180, 1]],
]
const start = new Date('2026-01-05T19:00:00Z')
const answers = histories.map((history) => {
  let card = createEmptyCard(start)
  let day = 0
  return history.map(([gap, grade]) => {
    day += gap
    const now = new Date(start.getTime() + day * 86_400_000)
    const strength = gap === 0 ? 0 : scheduler.get_retrievability(card, now, false)
    card = scheduler.next(card, now, grades[grade]).card
    return {
      gap,
      grade,
      strength,
      stability: card.stability,
      difficulty: card.difficulty,
      interval: scheduler.next_interval(card.stability, 0),
    }
  })
})
console.log(JSON.stringify({ library: 'ts-fsrs 5.4.2, FSRS-6, wanted 0.95', histories: answers }, null, 1))
