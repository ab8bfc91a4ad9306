/** Longest that a loudspeaker takes to wake up; where a device has none, browsers never answer. */
const WAKES_IN_MS = 2000

/** Said where nothing can be heard. */
export const NO_SOUND = 'This device gives no sound.'

/** Wakes a loudspeaker up; whether it is awake. */
export async function awake(audio: Pick<AudioContext, 'resume'>): Promise<boolean> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const never = new Promise<false>((done) => (timer = setTimeout(() => done(false), WAKES_IN_MS)))
  try {
    return await Promise.race([audio.resume().then(() => true), never])
  } finally {
    clearTimeout(timer)
  }
}
