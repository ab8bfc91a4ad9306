import { describe, expect, it } from 'vitest'
import LiveFloor from '@/components/live-floor/LiveFloor.vue'
import { show } from '../page'
import { run } from '../run'

/** A track that begins at 6 and has turned to 12 by its third place. */
function turned() {
  const { track } = run()
  return {
    ...track,
    startFacing: 4,
    steps: track.steps.map((step, i) => ({ ...step, facing: i < 2 ? 4 : 0 })),
  }
}
const heading = (html: string) => Number(/class="heading"[^>]*rotate\((-?\d+)deg\)/.exec(html)?.[1])

describe('the floor while one dances', () => {
  it('faces as the dancer does, also for who comes late', async () => {
    const props = { track: turned(), step: 2, start: 4, view: 'room' }
    const late = await show(LiveFloor, { props })
    expect(((heading(late.view.html()) % 360) + 360) % 360).toBe(0)
    const early = await show(LiveFloor, { props: { ...props, step: 0 } })
    expect(heading(early.view.html())).toBe(180)
    await early.view.setProps({ step: 2 })
    expect(((heading(early.view.html()) % 360) + 360) % 360).toBe(0)
  })

  it('says which foot carries the weight, and mirrors the feet for who faces the class', async () => {
    const props = { track: turned(), step: 2, start: 4, view: 'room' }
    const room = await show(LiveFloor, { props })
    expect(room.view.get('.print.full').text()).toBe('R')
    const mirror = await show(LiveFloor, { props: { ...props, view: 'mirror' } })
    expect(mirror.view.get('.print.full').text()).toBe('L')
  })
})
