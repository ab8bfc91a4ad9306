/** A node that plays sound at another speed with its pitch kept. */
export interface StretchNode extends AudioNode {
  schedule(change: {
    output?: number
    active?: boolean
    input?: number
    rate?: number
    semitones?: number
  }): Promise<unknown>
  addBuffers(channels: Float32Array[]): Promise<number>
  dropBuffers(): Promise<unknown>
  latency(): Promise<number>
  stop(when?: number): Promise<unknown>
}

/**
 * Runs a song from a second on at a speed, from a moment of the clock on; before its first second it is
 * silent.
 */
export function runSong(node: StretchNode, at: number, second: number, speed: number): void {
  const late = second < 0 ? -second / speed : 0
  void node.schedule({
    output: at + late,
    active: true,
    input: Math.max(0, second),
    rate: speed,
    semitones: 0,
  })
}
