import type { Schemas } from '@/api/client'

type State = Schemas['ScreenState']

/**
 * The tick that a screen shows at a moment of the server's clock: between two points in a straight line,
 * before and after them at the speed that it runs at.
 */
export function tickAt(state: State, millis: number): number {
  const { points, ticksASecond } = state
  if (!state.playing) return points[0].tick
  const at = points.findLastIndex((point) => point.millis <= millis)
  const from = points[Math.max(0, at)]
  const to = points[at + 1]
  const speed = at >= 0 && to ? (to.tick - from.tick) / (to.millis - from.millis) : ticksASecond / 1000
  return Math.min(state.lastTick, from.tick + (millis - from.millis) * speed)
}
