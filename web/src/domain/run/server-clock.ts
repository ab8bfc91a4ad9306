/** One question about the time: when it was asked and answered by this device, and what the server said. */
export interface Asked {
  sent: number
  answered: number
  server: number
}

/**
 * Milliseconds that the server's clock is ahead of this device's. The quickest answer tells it best: it
 * is wrong by no more than half of the time that it took.
 */
export function offsetOf(asked: Asked[]): number {
  const best = asked.reduce((a, b) => (b.answered - b.sent < a.answered - a.sent ? b : a))
  return best.server - (best.sent + best.answered) / 2
}

/** This device's own clock, in milliseconds; it never jumps. */
export const deviceMillis = (): number => performance.timeOrigin + performance.now()
