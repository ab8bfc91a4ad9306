/** Section numbers as people say them: section 3; sections 1 to 3 and 5. */
export function sectionWords(numbers: number[]): string {
  const runs: number[][] = []
  for (const number of [...numbers].sort((a, b) => a - b)) {
    const last = runs[runs.length - 1]
    if (last && number === last[last.length - 1] + 1) last.push(number)
    else if (!last || number !== last[last.length - 1]) runs.push([number])
  }
  const words = runs.flatMap((run) =>
    run.length < 3 ? run.map(String) : [`${run[0]} to ${run[run.length - 1]}`],
  )
  const list =
    words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`
  return `${numbers.length === 1 ? 'section' : 'sections'} ${list}`
}

/** Sections 1 to a last one. */
export function upTo(last: number): number[] {
  return Array.from({ length: Math.max(0, last) }, (_, i) => i + 1)
}
