import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import ShareKey from '@/components/share-key/ShareKey.vue'
import ShareList from '@/views/account/ShareList.vue'
import BriefView from '@/views/handover/BriefView.vue'
import ProposalCard from '@/views/waiting/ProposalCard.vue'
import WaitingView from '@/views/waiting/WaitingView.vue'
import { classSheet, INES, ODA, TOMAS, WILMA } from '../made'
import { show } from '../page'
import { askedOf, Refused, serve } from '../server'
import { own } from '@/composables/device/own'

const said = vi.hoisted(() => ({ words: [] as string[] }))
vi.mock('@/composables/page/say', () => {
  const say = (words: string) => void said.words.push(words)
  return { sayDone: say, sayNotice: say, sayFailed: say }
})
beforeEach(() => {
  said.words = []
  localStorage.clear()
})

const TEXT = 'title: Tin\nsection 1\n1-4  vine R\n5-8  vine L\n'
const AT = '2026-11-24T18:00:00'

function proposal(changes: Partial<Schemas['ProposedView']> = {}): Schemas['ProposedView'] {
  return {
    id: 4,
    thing: 'DANCE',
    thingId: 7,
    version: 1,
    base: TEXT,
    content: TEXT.replace('5-8  vine L', '5-8  rocking chair'),
    title: 'Tin',
    note: 'reads better',
    by: TOMAS,
    at: AT,
    state: 'OPEN',
    answer: '',
    decides: true,
    ...changes,
  }
}

describe('a proposed change', () => {
  it('is shown as what differs, and taken over with what was changed since', async () => {
    const now = { version: 3, stepText: TEXT.replace('Tin', 'Copper') }
    serve({
      'GET /api/dances/{id}': () => now,
      'POST /api/proposals/{id}/take': () => proposal({ state: 'TAKEN' }),
    })
    const page = await show(ProposalCard, { props: { proposal: proposal() } })
    expect(page.view.find('del').text()).toBe('5-8  vine L')
    expect(page.view.find('ins').text()).toBe('5-8  rocking chair')
    await page.press('Take it over')
    expect(askedOf('POST', '/api/proposals/4/take')[0].body).toEqual({
      version: 3,
      content: 'title: Copper\nsection 1\n1-4  vine R\n5-8  rocking chair\n',
    })
    expect(page.view.emitted('changed')).toHaveLength(1)
  })

  it('that meets what was changed since is not taken over without a look', async () => {
    serve({ 'GET /api/dances/{id}': () => ({ version: 3, stepText: TEXT.replace('vine L', 'stomp L') }) })
    const page = await show(ProposalCard, { props: { proposal: proposal() } })
    await page.press('Take it over')
    expect(said.words[0]).toContain('was changed in the same place since')
    expect(page.view.emitted('changed')).toBeUndefined()
  })

  it('is withdrawn by whoever made it, and taken over by no co-instructor', async () => {
    serve({ 'DELETE /api/proposals/{id}': () => undefined })
    const own = proposal({ decides: false, by: ODA })
    const page = await show(ProposalCard, { props: { proposal: own }, as: 'CO_INSTRUCTOR' })
    expect(page.words()).not.toContain('Take it over')
    await page.press('Withdraw')
    expect(askedOf('DELETE', '/api/proposals/4')).toHaveLength(1)
  })
})

describe('what waits', () => {
  const question = { id: 1, groupName: 'Turners', classId: 5, text: 'Which way?', by: INES }
  const agenda = (leader?: typeof ODA) => ({
    today: '2026-11-24',
    recent: [],
    coming: [{ planned: { ...classSheet({ version: 3 }), leader } }],
  })

  it('is counted: proposals, questions, classes that nobody leads', async () => {
    serve({
      'GET /api/proposals': () => ({ open: [proposal()], decided: [] }),
      'GET /api/questions': () => ({ asked: [question], answered: [] }),
      'GET /api/classes': () => agenda(),
    })
    const page = await show(WaitingView)
    await flushPromises()
    expect(page.words()).toContain('Proposed changes')
    expect(page.words()).toContain('Ines, about Turners: Which way?')
    expect(page.words()).toContain('Nobody leads these yet')
  })

  it('has a plan of one’s own that somebody changed since one read it, until it is seen', async () => {
    localStorage.setItem(own('plans-seen'), JSON.stringify({ 5: 2 }))
    serve({
      'GET /api/proposals': () => ({ open: [], decided: [] }),
      'GET /api/questions': () => ({ asked: [], answered: [] }),
      'GET /api/classes': () => agenda(ODA),
    })
    const page = await show(WaitingView, { as: 'CO_INSTRUCTOR' })
    await flushPromises()
    expect(page.words()).toContain('Changed since you read it')
    await page.press('I have seen it')
    expect(page.words()).toContain('Nothing waits.')
  })
})

describe('a brief', () => {
  const brief: Schemas['BriefView'] = {
    groupName: 'Thursday Turners',
    date: '2026-12-03',
    startsAt: '20:00',
    place: 'Hall',
    minutes: 90,
    leader: ODA,
    lastLeader: WILMA,
    summary: ['You last led them on 5 November; 1 class since, led by Wilma.'],
    since: [{ date: '2026-11-26', leader: WILMA, done: ['Tin: danced, solid'], missing: ['Ana'], note: '' }],
    plan: [{ kind: 'TEACH', minutes: 20, title: 'Tin', dance: 7, why: 'Due today.' }],
    dances: [
      {
        dance: 7,
        title: 'Tin',
        kinds: ['TEACH'],
        minutes: 20,
        stage: 'STARTED',
        shown: [1, 2],
        all: 4,
        options: 'without the turn',
        called: ['restart after 16 on wall 3'],
        watchOuts: [{ section: 2, note: 'left foot' }],
        trouble: [2],
      },
    ],
    wishes: [],
    notes: [{ id: 9, text: 'Which way?', by: INES, at: AT, asked: ODA, mine: false, mayAnswer: true }],
  }

  it('says it in short first, then each dance, and is answered where it asks', async () => {
    serve({
      'GET /api/classes/{id}/brief': () => brief,
      'GET /api/people/leaders': () => [ODA, INES],
      'PUT /api/classes/{id}/brief/notes/{note}': () => brief,
    })
    const page = await show(BriefView, { path: '/classes/5', route: '/classes/:id' })
    const words = page.words()
    expect(words.indexOf('You last led them')).toBeLessThan(words.indexOf('restart after 16 on wall 3'))
    expect(words).toContain('you lead')
    expect(words).toContain('They dance: without the turn')
    expect(words).toContain('Watch section 2: left foot')
    expect(words).toContain('missing: Ana')
    await page.view.get('[aria-label="Answer “Which way?”"]').setValue('Six o’clock.')
    await page.view.get('li.open form').trigger('submit')
    await flushPromises()
    expect(askedOf('PUT', '/api/classes/5/brief/notes/9')[0].body).toEqual({ text: 'Six o’clock.' })
  })
})

describe('links for people without an account', () => {
  it('are listed with their last use, and taken back', async () => {
    const link = { id: 3, kind: 'SHEET', label: 'Tin', by: WILMA, at: AT, goodUntil: AT, lastUsed: AT }
    serve({ 'GET /api/shares': () => [link], 'DELETE /api/shares/{id}': () => undefined })
    const page = await show(ShareList)
    expect(page.words()).toContain('Sheet: Tin')
    expect(page.words()).toContain('made by Wilma')
    expect(page.words()).toContain('last used')
    await page.press('Take back')
    expect(askedOf('DELETE', '/api/shares/3')).toHaveLength(1)
  })

  it('are made by instructors alone', async () => {
    serve({ 'POST /api/shares': () => new Refused(403, 'no') })
    const offers = [{ words: 'Sheet', what: { kind: 'SHEET' as const, dance: 7 } }]
    expect((await show(ShareKey, { props: { offers } })).words()).toContain('Share…')
    expect((await show(ShareKey, { props: { offers }, as: 'CO_INSTRUCTOR' })).words()).not.toContain('Share…')
  })
})
