import { beforeEach } from 'vitest'
import { answer, serve } from './server'

// The client takes hold of fetch when it is loaded, so the double stands there before anything is.
globalThis.fetch = answer
beforeEach(() => {
  localStorage.clear()
  serve({})
})
