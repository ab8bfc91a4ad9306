import { effectScope } from 'vue'
import { onTestFinished } from 'vitest'

/** Runs a composable as a page would, and lets it end with the test. */
export function within<T>(make: () => T): T {
  const scope = effectScope()
  onTestFinished(() => scope.stop())
  return scope.run(make) as T
}
