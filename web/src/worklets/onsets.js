// Hears where sounds begin, to the sample, and tells the page: seconds of the audio clock.
class Onsets extends AudioWorkletProcessor {
  constructor() {
    super()
    this.quiet = 0
  }

  process(inputs) {
    const samples = inputs[0]?.[0]
    if (!samples) return true
    for (let i = 0; i < samples.length; i++) {
      const loud = Math.abs(samples[i])
      if (loud > 0.05 && this.quiet > 0.1 * sampleRate) {
        this.port.postMessage((currentFrame + i) / sampleRate)
        this.quiet = 0
      } else if (loud < 0.02) {
        this.quiet++
      } else {
        this.quiet = 0
      }
    }
    return true
  }
}
registerProcessor('onsets', Onsets)
