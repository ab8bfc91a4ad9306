declare module 'signalsmith-stretch' {
  import type { StretchNode } from '@/domain/run/song-run'
  const make: {
    (audio: BaseAudioContext, options?: AudioWorkletNodeOptions): Promise<StretchNode>
    /** Where the audio worklet is loaded from. */
    moduleUrl?: string
  }
  export default make
}
declare module 'signalsmith-stretch?url' {
  const address: string
  export default address
}
