import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { SOUNDED } from '@/composables/sound/useSound'
import RunThroughView from '@/views/run/RunThroughView.vue'
import { FakeAudio, pass, useFakeAudio } from '../audio'
import { show } from '../page'
import { run, SOUND } from '../run'
import { askedOf, offline, Refused, serve } from '../server'
import { own } from '@/composables/device/own'

let audio: () => FakeAudio
let heard: { kind: string; tick: number; at: number }[] = []
const hear = (event: Event) => void heard.push((event as CustomEvent).detail)
beforeEach(() => {
  vi.useFakeTimers()
  audio = useFakeAudio()
  heard = []
  window.addEventListener(SOUNDED, hear)
  serve({
    'GET /api/dances/{id}/run-through': ({ query }) =>
      query.get('kind') === 'SECTION' ? run({ scope: { kind: 'SECTION', from: 1, to: 1 } }) : run(),
    'GET /api/sound': () => SOUND,
    'GET /api/sound/voice': () => 'x',
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  window.removeEventListener(SOUNDED, hear)
})

const opened = (query = '') =>
  show(RunThroughView, { route: '/dances/:id/run-through', path: `/dances/1/run-through?group=3${query}` })

/** A key that is pressed and let go, as a clicker does. */
async function key(name: string, held = 0) {
  const send = (kind: string) =>
    document.body.dispatchEvent(new KeyboardEvent(kind, { key: name, bubbles: true }))
  send('keydown')
  if (held) await vi.advanceTimersByTimeAsync(held)
  send('keyup')
  await flushPromises()
}
/** A moment in which no other key is pressed. */
const alone = async () => {
  await vi.advanceTimersByTimeAsync(400)
  await flushPromises()
}
type Page = Awaited<ReturnType<typeof opened>>
const rung = (page: Page) => page.view.get('.rungs [aria-pressed=true]').text()
/** Dances the whole rung: the count-in and both walls with their tag. */
const danced = (percent: number) => pass(audio(), (4 + 36) * (60 / (percent * 1.2)) + 0.5, 100)
const asks = (page: Page) => page.words().includes('Clean')

describe('a run-through', () => {
  it('counts in, dances, and asks how it was when it has been danced', async () => {
    const page = await opened()
    expect(page.words()).toContain('Full speed 120 counts a minute.')
    await page.press('Count in next ▸ or Space')
    await pass(audio(), 0.3)
    expect(page.words()).toContain('ready')
    await pass(audio(), 4 * (60 / 72))
    expect(page.words()).toContain('figure 0')
    expect(page.words()).toContain('Tag Lull in')
    expect(asks(page)).toBe(false)
    await danced(60)
    expect(asks(page)).toBe(true)
    const clicks = heard.filter((one) => one.kind === 'click')
    expect(clicks).toHaveLength(40)
    clicks.forEach((one, i) => expect(one.at).toBeCloseTo(clicks[0].at + (i * 60) / 72, 6))
    expect(heard.filter((one) => one.kind === 'say').length).toBeGreaterThan(30)
  })

  it('does not begin on a page that was left while the loudspeaker woke up', async () => {
    let wakes = () => {}
    vi.stubGlobal(
      'AudioContext',
      class extends FakeAudio {
        override resume = () => new Promise<undefined>((done) => (wakes = () => done(undefined)))
      },
    )
    const page = await opened()
    await page.press('Count in next ▸ or Space')
    page.view.unmount()
    wakes()
    await flushPromises()
    await pass(audio(), 1)
    expect(heard).toEqual([])
  })

  it('is counted and seen where the device has no loudspeaker that wakes up', async () => {
    const never = () => new Promise<undefined>(() => undefined)
    vi.stubGlobal(
      'AudioContext',
      class extends FakeAudio {
        override resume = never
      },
    )
    const page = await opened()
    await page.press('Count in next ▸ or Space')
    await vi.advanceTimersByTimeAsync(2100)
    expect(page.words()).toContain('This device gives no sound.')
    await pass(audio(), 5 * (60 / 72), 100)
    expect(page.words()).toContain('figure 0')
    expect(asks(page)).toBe(false)
    await danced(60)
    expect(asks(page)).toBe(true)
    expect(audio().scheduled).toHaveLength(0)
  })

  it('goes from slow to full speed with one key of a clicker alone', async () => {
    const page = await opened()
    await key('PageDown')
    for (const percent of [60, 80, 100]) {
      expect(rung(page)).toContain(`${percent} %`)
      await danced(percent)
      await key('PageDown')
      await alone()
      await pass(audio(), 4.1, 100)
    }
    expect(page.words()).toContain('Full speed was clean.')
  })

  it('the other key is shaky, both are lost, and so is one that is held', async () => {
    const page = await opened()
    const answers = async (...press: (() => Promise<void>)[]) => {
      await key(' ')
      await pass(audio(), 2, 100)
      await key(' ')
      expect(asks(page)).toBe(true)
      for (const one of press) await one()
      await alone()
      await pass(audio(), 0.2, 100)
      await page.press('Wait back ◂')
    }
    await answers(() => key('PageDown'))
    expect(rung(page)).toContain('80 %')
    await answers(() => key('PageUp'))
    expect(rung(page)).toContain('80 %')
    await answers(
      () => key('PageUp'),
      () => key('PageDown'),
    )
    expect(rung(page)).toContain('60 %')
    await answers(() => key('PageDown', 900))
    await answers(() => key('PageDown'))
    expect(rung(page)).toContain('80 %')
    await page.view.findAll('.rungs button')[2].trigger('click')
    await answers(() => key('PageUp', 900))
    expect(rung(page)).toContain('60 %')
  })

  it('needs no answer of the server to go on', async () => {
    const page = await opened()
    offline(true)
    await key(' ')
    await danced(60)
    await key(' ')
    await alone()
    expect(rung(page)).toContain('80 %')
    await pass(audio(), 4.5, 100)
    expect(page.words()).toContain('Stop')
  })

  it('says when it is enough, and waits then', async () => {
    const page = await opened()
    for (let i = 0; i < 3; i++) {
      if (!page.words().includes('Stop')) await key(' ')
      await danced(60)
      await page.press('Lost a rung down · both keys, or hold one')
      await pass(audio(), 4.2, 100)
    }
    expect(page.words()).toContain('3 times or more at 60 % and not clean')
    expect(page.words()).toContain('Count in')
  })

  it('changes speed while it plays, by a rung or a little, and forgets the answers then', async () => {
    const page = await opened()
    await key(' ')
    await pass(audio(), 2, 50)
    await page.view.get('[aria-label="A little faster"]').trigger('click')
    expect(rung(page)).toContain('62 %')
    await page.view.findAll('.rungs button')[3].trigger('click')
    expect(rung(page)).toContain('100 %')
    const before = heard.length
    await pass(audio(), 3, 50)
    const clicks = heard.slice(before).filter((one) => one.kind === 'click')
    expect(clicks[2].at - clicks[1].at).toBeCloseTo(0.5, 6)
    expect(page.words()).toContain('Stop')
  })

  it('jumps to a section with its own count-in', async () => {
    const page = await opened()
    await page.press('2: section 2')
    await pass(audio(), 0.5, 50)
    expect(heard[0].tick).toBe(336 - 48)
    expect(heard.every((one) => one.kind !== 'hit' || one.tick >= 336)).toBe(true)
  })

  it('dances another scope, which stands in the address, and keeps the rung', async () => {
    const page = await opened()
    await page.view.findAll('.rungs button')[2].trigger('click')
    await page.choose('What is danced', 1)
    expect(page.router.currentRoute.value.query).toMatchObject({ kind: 'SECTION', from: '1', group: '3' })
    expect(askedOf('GET', '/api/dances/1/run-through').at(-1)?.query.get('kind')).toBe('SECTION')
    expect(rung(page)).toContain('80 %')
  })

  it('offers the group’s record what was danced of the whole dance, and nothing of a section', async () => {
    const of = (whole: boolean) => ({
      'GET /api/dances/{id}/run-through': () => run({ whole }),
      'GET /api/sound': () => SOUND,
      'GET /api/sound/voice': () => 'x',
      'GET /api/classes': () => ({
        today: '2026-11-30',
        recent: [],
        coming: [{ group: 3, groupName: 'Steppers', nextDate: '2026-12-01' }],
      }),
    })
    for (const whole of [false, true]) {
      localStorage.removeItem(own('run-reached'))
      serve(of(whole))
      const page = await opened()
      await key(' ')
      await danced(60)
      await key(' ')
      await alone()
      await page.press('Wait back ◂')
      expect(page.words().includes('Write 60 % into Steppers’s record')).toBe(whole)
      page.view.unmount()
    }
  })

  it('is left with Escape, and a dance that cannot be run says why', async () => {
    const page = await opened()
    await key('Escape')
    expect(page.router.currentRoute.value.path).toBe('/dances/1')
    serve({ 'GET /api/dances/{id}/run-through': () => new Refused(422, 'Half done still has mistakes.') })
    expect((await opened()).words()).toContain('Half done still has mistakes.')
  })
})
