const LONGEST_MS = 4000

/**
 * Keeps the focus with a line that was moved by a key, once the list is drawn anew: whoever goes by
 * keys moves it on with the next press. Where the line is at an end, its other key has the focus;
 * whoever has gone elsewhere meanwhile stays there.
 *
 * @param list the list, which stays
 * @param at the place of the line since, from 0
 * @param by the way that it went: -1 up, 1 down
 */
export function followMove(list: Element, at: number, by: number): void {
  const until = performance.now() + LONGEST_MS
  const look = () => {
    const here = document.activeElement
    if (here && here !== document.body && !list.contains(here)) return
    const keys = [...list.querySelectorAll<HTMLButtonElement>(`[data-at="${at}"] [data-by]`)]
    const same = keys.find((key) => key.dataset.by === String(by) && !key.disabled)
    const key = same ?? keys.find((one) => !one.disabled)
    if (key) key.focus()
    else if (performance.now() < until) requestAnimationFrame(look)
  }
  requestAnimationFrame(look)
}
