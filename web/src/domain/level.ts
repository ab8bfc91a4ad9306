/** Levels in the trade's words, the easiest first. */
export const LEVELS = [
  'absolute beginner',
  'beginner',
  'high beginner',
  'improver',
  'easy intermediate',
  'intermediate',
  'advanced',
]
