/** Clock hours for a facing in eighths of a turn to the right of 12. */
const CLOCK = ['12', '1:30', '3', '4:30', '6', '7:30', '9', '10:30'] as const

export function clock(eighths: number): string {
  return CLOCK[((eighths % 8) + 8) % 8]
}

/** Degrees to the right for drawing. */
export function degrees(eighths: number): number {
  return eighths * 45
}

/** A point on a circle round (0, 0), y downwards as on a screen. */
export function onCircle(eighths: number, radius: number): { x: number; y: number } {
  const angle = (eighths * Math.PI) / 4
  return { x: Math.sin(angle) * radius, y: -Math.cos(angle) * radius }
}
