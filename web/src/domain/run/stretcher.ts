import SignalsmithStretch from 'signalsmith-stretch'
import workletAddress from 'signalsmith-stretch?url'
import type { StretchNode } from './song-run'

SignalsmithStretch.moduleUrl = workletAddress

/** Makes such a node, with a song in it. */
export async function stretcher(audio: BaseAudioContext, song: AudioBuffer): Promise<StretchNode> {
  const node: StretchNode = await SignalsmithStretch(audio, {
    numberOfInputs: 0,
    numberOfOutputs: 1,
    outputChannelCount: [2],
  })
  const channels = Array.from({ length: 2 }, (_, i) =>
    song.getChannelData(Math.min(i, song.numberOfChannels - 1)).slice(),
  )
  await node.addBuffers(channels)
  return node
}
