/** Phrases as the server writes them, one number each: "32x2 16" is 32, 32, 16. */
export function phraseCounts(label: string): number[] {
  return label
    .split(' ')
    .filter(Boolean)
    .flatMap((word) => {
      const [counts, times] = word.split('x').map(Number)
      return Array.from({ length: times || 1 }, () => counts)
    })
}
