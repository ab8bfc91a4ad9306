import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import RunThroughView from '@/views/teaching/RunThroughView.vue'
import { pass, useFakeAudio, type FakeAudio } from '../audio'
import { wall } from '../made'
import { show } from '../page'
import { askedOf, offline, Refused, serve } from '../server'

const RUNGS = [60, 80, 100].map((percent) => ({
  percent,
  countsPerMinute: percent * 1.2,
  secondsPerCount: 60 / (percent * 1.2),
}))
const everyCount = Array.from({ length: 32 }, (_, i) => i * 12)
const DATA = {
  dance: 1,
  title: 'Paper Lanterns',
  beats: 4,
  fullRate: 120,
  rateKnown: true,
  ladderForKnown: false,
  sectionCounts: 8,
  ladder: RUNGS,
  walls: [wall(32, everyCount), { ...wall(32, everyCount, 2), wall: { ...wall(32, [], 2).wall, number: 2 } }],
}

let audio: () => FakeAudio
beforeEach(() => {
  vi.useFakeTimers()
  audio = useFakeAudio()
  serve({
    'GET /api/dances/{id}/run-through': () => DATA,
    'GET /api/dances/{id}/run-through/next': ({ query }) => {
      const answers = (query.get('answers') ?? '').split(',')
      const clean = answers.filter((one) => one === 'CLEAN').length
      const from = Number(query.get('from'))
      return { rung: Math.min(2, from + clean), done: from + clean > 2 }
    },
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const opened = () =>
  show(RunThroughView, { route: '/dances/:id/run-through', path: '/dances/1/run-through?group=3' })
async function key(name: string) {
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true }))
  await flushPromises()
}
type Page = Awaited<ReturnType<typeof opened>>
const rung = (page: Page) => page.view.get('.rungs [aria-pressed=true]').text()
/** Dances the whole rung: the count-in and the wall. */
const danced = (percent: number) => pass(audio(), (8 + 32) * (60 / (percent * 1.2)) + 0.5, 100)

describe('a run-through', () => {
  it('counts in, counts the wall, and asks how it was when it has been danced', async () => {
    const page = await opened()
    expect(page.words()).toContain('Full speed 120 counts a minute.')
    await page.press('Count in Space')
    await pass(audio(), 0.3)
    expect(page.words()).toContain('ready')
    await pass(audio(), 8 * (60 / 72))
    expect(page.words()).not.toContain('ready')
    expect(page.view.find('.asks').exists()).toBe(false)
    await danced(60)
    expect(page.view.find('.asks').exists()).toBe(true)
  })

  it('goes up with clean answers by the space bar alone, and says when full speed is reached', async () => {
    const page = await opened()
    await key(' ')
    for (const percent of [60, 80, 100]) {
      expect(rung(page)).toContain(`${percent} %`)
      await danced(percent)
      await key(' ')
    }
    expect(page.words()).toContain('Full speed reached. Once more')
    const last = askedOf('GET', '/api/dances/1/run-through/next').at(-1)
    expect(last?.query.get('answers')).toBe('CLEAN,CLEAN,CLEAN')
    expect(last?.query.get('group')).toBe('3')
  })

  it('a rung that is chosen by hand forgets the answers before it', async () => {
    const page = await opened()
    await key(' ')
    await danced(60)
    await key(' ')
    await key('ArrowLeft')
    expect(rung(page)).toContain('60 %')
    await key(' ')
    await danced(60)
    await page.press('Shaky again')
    const last = askedOf('GET', '/api/dances/1/run-through/next').at(-1)
    expect(last?.query.get('answers')).toBe('SHAKY')
    expect(last?.query.get('from')).toBe('0')
  })

  it('takes a clicker’s keys: the next one is clean, the one before is lost', async () => {
    await opened()
    await key(' ')
    await danced(60)
    await key('PageDown')
    expect(askedOf('GET', '/api/dances/1/run-through/next').at(-1)?.query.get('answers')).toBe('CLEAN')
    await danced(80)
    await key('PageUp')
    expect(askedOf('GET', '/api/dances/1/run-through/next').at(-1)?.query.get('answers')).toBe('CLEAN,LOST')
  })

  it('never leaves the ladder, whatever is pressed', async () => {
    const page = await opened()
    await key('ArrowLeft')
    expect(rung(page)).toContain('60 %')
    for (let i = 0; i < 9; i++) await key('ArrowRight')
    expect(rung(page)).toContain('100 %')
  })

  it('does not stop a class when the server does not answer: one chooses the speed oneself', async () => {
    const page = await opened()
    await key(' ')
    await danced(60)
    offline(true)
    await key(' ')
    expect(page.words()).toContain('The server does not answer: choose the next speed yourself.')
    expect(rung(page)).toContain('60 %')
    await key('ArrowRight')
    expect(rung(page)).toContain('80 %')
  })

  it('shows what the ladder suggests instead of going on', async () => {
    const page = await opened()
    serve({
      'GET /api/dances/{id}/run-through/next': () => ({
        rung: 0,
        done: false,
        suggestion: {
          text: '3 times at 60 % and not clean: break the hardest section down.',
          code: 'x',
          args: {},
        },
      }),
    })
    await key(' ')
    await danced(60)
    await page.press('Lost a rung down')
    expect(page.words()).toContain('break the hardest section down')
    expect(page.view.find('.asks').exists()).toBe(false)
    expect(page.words()).toContain('Count in')
  })

  it('is left with Escape, and a dance that cannot be run says why', async () => {
    const page = await opened()
    await key('Escape')
    expect(page.router.currentRoute.value.path).toBe('/dances/1')
    serve({ 'GET /api/dances/{id}/run-through': () => new Refused(422, 'Half done still has mistakes.') })
    expect((await opened()).words()).toContain('Half done still has mistakes.')
  })
})
