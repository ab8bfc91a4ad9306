import { onScopeDispose } from 'vue'
import { useEventListener } from '@vueuse/core'
import { useRouter } from 'vue-router'

const NAME = 'Ulna Awl'
/** A page that has no heading by then has none. */
const LONGEST_MS = 8000

const main = () => document.querySelector<HTMLElement>('main')

/**
 * Whoever comes to another page by a link hears which one it is: the window bears its heading, and
 * the heading has the focus, unless the page has given it to something of its own, or its reader
 * has already gone on by key or pointer: into a dialog, say, while the page was still loading.
 */
export function useArrival(): void {
  let watching: MutationObserver | undefined
  let giveUp: ReturnType<typeof setTimeout> | undefined
  let goneOn = false

  for (const act of ['keydown', 'pointerdown'] as const)
    useEventListener(window, act, () => (goneOn = true), { capture: true, passive: true })

  function stop() {
    watching?.disconnect()
    clearTimeout(giveUp)
  }

  /** Whether there was a heading to arrive at. */
  function arrived(hears: boolean): boolean {
    const heading = main()?.querySelector<HTMLElement>('h1')
    const words = heading?.textContent?.trim()
    if (!heading || !words) return false
    document.title = `${words} · ${NAME}`
    const elsewhere = !main()?.contains(document.activeElement)
    if (hears && elsewhere && !goneOn) {
      heading.tabIndex = -1
      heading.focus({ preventScroll: true })
    }
    return true
  }

  const forget = useRouter().afterEach((to, from, failure) => {
    if (failure || to.path === from.path) return
    stop()
    goneOn = false
    document.title = NAME
    const hears = from.matched.length > 0
    // The heading of the page that is left must not be taken for the new one's.
    requestAnimationFrame(() => {
      if (arrived(hears)) return
      watching = new MutationObserver(() => arrived(hears) && stop())
      watching.observe(main() ?? document.body, { childList: true, subtree: true, characterData: true })
      giveUp = setTimeout(stop, LONGEST_MS)
    })
  })
  onScopeDispose(() => {
    stop()
    forget()
  })
}
