import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import ClubText from '@/views/figures/ClubText.vue'
import EntryForm from '@/views/groups/EntryForm.vue'
import GroupForm from '@/views/groups/GroupForm.vue'
import SocialForm from '@/views/socials/SocialForm.vue'
import SignInView from '@/views/account/SignInView.vue'
import AgendaView from '@/views/classes/AgendaView.vue'
import { classSheet, INES, line, WILMA } from '../made'
import { show, type Page } from '../page'
import { ROLES } from '../roles'
import { askedOf, Refused, serve } from '../server'

const said = vi.hoisted(() => ({ words: [] as string[] }))
vi.mock('@/composables/page/say', () => {
  const say = (words: string) => void said.words.push(words)
  return { sayDone: say, sayNotice: say, sayFailed: say }
})
beforeEach(() => void (said.words = []))

const submit = async (page: Page) => {
  await page.view.get('form').trigger('submit')
  await flushPromises()
}

describe('the door', () => {
  it('asks for name and password, and leads to where one wanted to go', async () => {
    serve({
      'POST /api/session': ({ body }) => ({
        name: body.name,
        role: ROLES.INSTRUCTOR,
        leads: [],
        needsSetup: false,
        invented: false,
      }),
    })
    const page = await show(SignInView, { path: '/sign-in?next=/dances/3', route: '/sign-in' })
    await page.type('name', 'Oda Marsh')
    await page.type('password', 'lantern-light')
    await submit(page)
    expect(askedOf('POST', '/api/session')[0].body).toEqual({ name: 'Oda Marsh', password: 'lantern-light' })
    expect(page.router.currentRoute.value.fullPath).toBe('/dances/3')
  })

  it('never leads away from the app, whatever the address says', async () => {
    serve({ 'POST /api/session': () => ({ leads: [], needsSetup: false, invented: false }) })
    const page = await show(SignInView, { path: '/sign-in?next=https://elsewhere.test', route: '/sign-in' })
    await submit(page)
    expect(page.router.currentRoute.value.fullPath).toBe('/classes')
  })

  it('of a new club asks for the code of whoever started the server', async () => {
    serve({
      'POST /api/setup': () => ({
        name: 'Ada',
        role: ROLES.INSTRUCTOR,
        leads: [],
        needsSetup: false,
        invented: false,
      }),
    })
    const page = await show(SignInView, { path: '/sign-in', route: '/sign-in', nobody: true })
    expect(page.words()).toContain('You are the first instructor')
    await page.type('name', 'Ada')
    await page.type('password', 'long enough')
    await page.type('code', 'k7 evening')
    await submit(page)
    expect(askedOf('POST', '/api/setup')[0].body).toEqual({
      name: 'Ada',
      password: 'long enough',
      code: 'k7 evening',
    })
  })

  it('says why it stays shut', async () => {
    serve({ 'POST /api/session': () => new Refused(401, 'Name and password do not go together.') })
    const page = await show(SignInView, { path: '/sign-in', route: '/sign-in' })
    await submit(page)
    expect(page.view.get('[role=alert]').text()).toBe('Name and password do not go together.')
  })
})

describe('a group', () => {
  const GROUP = {
    id: 2,
    name: 'Monday Hall',
    level: 'BEGINNER',
    weekday: 'MONDAY',
    startsAt: '19:00:00',
    minutes: 60,
    place: 'Sluice Hall',
    version: 3,
    known: 0,
    learning: 0,
    due: 0,
  }

  it('is made from what was typed, once it has a name', async () => {
    serve({ 'POST /api/groups': ({ body }) => ({ ...GROUP, ...body, id: 9, version: 1 }) })
    const page = await show(GroupForm)
    expect(page.view.get('button[type=submit]').attributes('disabled')).toBeDefined()
    await page.type('group-name', 'Friday Starters')
    page.view.findAllComponents({ name: 'ElSelect' })[0].vm.$emit('update:modelValue', 'IMPROVER')
    await submit(page)
    expect(askedOf('POST', '/api/groups')[0].body).toMatchObject({
      name: 'Friday Starters',
      level: 'IMPROVER',
      version: 0,
    })
    expect(page.view.emitted('done')).toHaveLength(1)
    expect(localStorage.length).toBe(0)
  })

  it('that a colleague changed meanwhile shows both, field by field', async () => {
    let now = GROUP
    serve({
      'GET /api/groups/{id}': () => ({ group: now }),
      'GET /api/history/GROUP/{id}': () => [{ by: WILMA }],
      'PUT /api/groups/{id}': ({ body }) =>
        body.version === now.version ? { ...now, ...body, version: 5 } : new Refused(409, 'changed'),
    })
    const page = await show(GroupForm, { props: { group: 2 } })
    await page.type('place', 'Mill Loft')
    now = { ...GROUP, version: 4, minutes: 75, place: 'The barn' }
    await submit(page)
    expect(page.words()).toContain('Wilma has changed this in the meantime')
    expect(page.words()).toContain('minutes: 75')
    expect(page.words()).toContain('The barn')
    expect(page.view.emitted('done')).toBeUndefined()
    await page.press('Put both together')
    await submit(page)
    expect(askedOf('PUT', '/api/groups/2').at(-1)?.body).toMatchObject({
      version: 4,
      minutes: 75,
      place: 'Mill Loft',
    })
    expect(page.view.emitted('done')).toHaveLength(1)
  })

  it('that is given up leaves nothing on this machine', async () => {
    const page = await show(GroupForm)
    await page.type('group-name', 'Never')
    expect(localStorage.length).toBe(1)
    await page.press('Cancel')
    expect(page.view.emitted('cancel')).toHaveLength(1)
    expect(localStorage.length).toBe(0)
  })
})

describe('the frame of a social', () => {
  const groups = [
    { id: 1, name: 'Monday Newcomers' },
    { id: 2, name: 'Tuesday Steppers' },
  ]
  const SOCIAL = {
    id: 5,
    name: 'Winter social',
    date: '2027-01-09',
    startsAt: '19:30:00',
    minutes: 150,
    longestWait: 12,
    onlyListed: false,
    version: 3,
    guests: [{ group: 1, name: 'Monday Newcomers', heads: 14 }],
    between: [{ kind: 'BREAK', at: 70, minutes: 15 }],
  }

  it('of a new one has all groups with the usual number, and is sent once it has a name and a day', async () => {
    serve({
      'GET /api/groups': () => groups,
      'POST /api/socials': ({ body }) => ({ ...SOCIAL, ...body, guests: [], id: 9, version: 1 }),
    })
    const page = await show(SocialForm)
    await page.type('name', ' Spring social ')
    expect(page.view.get('button[type=submit]').attributes('disabled')).toBeDefined()
    page.view.findComponent({ name: 'ElDatePicker' }).vm.$emit('update:modelValue', '2027-04-10')
    await submit(page)
    expect(askedOf('POST', '/api/socials')[0].body).toMatchObject({
      name: 'Spring social',
      date: '2027-04-10',
      guests: [
        { group: 1, heads: 12 },
        { group: 2, heads: 12 },
      ],
      version: 0,
    })
    expect(page.view.emitted('done')).toHaveLength(1)
    expect(localStorage.length).toBe(0)
  })

  it('that a colleague changed meanwhile is put together with one’s own, and nothing is overwritten', async () => {
    let now = SOCIAL
    serve({
      'GET /api/groups': () => groups,
      'GET /api/socials/{id}': () => now,
      'GET /api/history/SOCIAL/{id}': () => [{ by: WILMA }],
      'PUT /api/socials/{id}': ({ body }) =>
        body.version === now.version
          ? (now = { ...now, ...body, version: now.version + 1 })
          : new Refused(409, 'changed'),
    })
    const page = await show(SocialForm, { props: { social: 5 } })
    await page.type('name', 'Winter dance')
    now = { ...SOCIAL, version: 4, minutes: 180 }
    await submit(page)
    expect(askedOf('PUT', '/api/socials/5').at(-1)?.body).toMatchObject({
      version: 4,
      name: 'Winter dance',
      minutes: 180,
    })
    expect(page.view.emitted('done')).toHaveLength(1)
  })

  it('that both named otherwise is shown twice until somebody chooses', async () => {
    let now = SOCIAL
    serve({
      'GET /api/groups': () => groups,
      'GET /api/socials/{id}': () => now,
      'GET /api/history/SOCIAL/{id}': () => [{ by: WILMA }],
      'PUT /api/socials/{id}': () => new Refused(409, 'changed'),
    })
    const page = await show(SocialForm, { props: { social: 5 } })
    await page.type('name', 'Winter dance')
    now = { ...SOCIAL, version: 4, name: 'Snow ball' }
    await submit(page)
    expect(page.words()).toContain('Wilma has changed this in the meantime')
    expect(page.words()).toContain('name: Snow ball')
    expect(page.words()).toContain('Monday Newcomers: 14')
    expect(page.view.emitted('done')).toBeUndefined()
  })
})

describe('an entry of the record', () => {
  const dances = [{ id: 7, title: 'Tea Urn', sections: 4 }]

  it('of a whole dance has all its sections', async () => {
    serve({ 'GET /api/dances': () => dances, 'POST /api/groups/{id}/record': () => ({}) })
    const page = await show(EntryForm, { props: { group: 2, today: '2026-11-24' } })
    expect(page.view.get('button[type=submit]').attributes('disabled')).toBeDefined()
    await page.view.findAllComponents({ name: 'ElSelect' })[0].vm.$emit('update:modelValue', 7)
    await flushPromises()
    await submit(page)
    expect(askedOf('POST', '/api/groups/2/record')[0].body).toEqual({
      dance: 7,
      date: '2026-11-24',
      happened: 'TAUGHT',
      outcome: 'SOLID',
      note: '',
      shown: [1, 2, 3, 4],
    })
    expect(page.view.emitted('done')).toHaveLength(1)
  })

  it('of some sections wants to know which', async () => {
    serve({ 'GET /api/dances': () => dances, 'POST /api/groups/{id}/record': () => ({}) })
    const page = await show(EntryForm, { props: { group: 2, today: '2026-11-24' } })
    const [dance, what] = page.view.findAllComponents({ name: 'ElSelect' })
    await dance.vm.$emit('update:modelValue', 7)
    await what.vm.$emit('update:modelValue', 'INTRODUCED')
    await flushPromises()
    expect(page.view.get('button[type=submit]').attributes('disabled')).toBeDefined()
    await page.choose('Sections shown', [4, 3])
    await submit(page)
    expect(askedOf('POST', '/api/groups/2/record')[0].body.shown).toEqual([3, 4])
  })
})

describe('a text of the club', () => {
  const TEXTS = { ownFigures: 'figure a', ownFiguresVersion: 2, levelTable: 'table', levelTableVersion: 7 }

  it('is checked when it is kept, and what is wrong is said without losing it', async () => {
    serve({
      'GET /api/figures/club': () => TEXTS,
      'PUT /api/figures/club/own-figures': ({ body }) =>
        body.text === 'nonsense'
          ? new Refused(422, 'Line 1 is no figure.')
          : { ...TEXTS, ownFigures: body.text, ownFiguresVersion: 3 },
    })
    const page = await show(ClubText, { props: { which: 'own-figures', title: 'Own figures', keep: 'Keep' } })
    const area = page.view.get('textarea')
    expect((area.element as HTMLTextAreaElement).value).toBe('figure a')
    await area.setValue('nonsense')
    await page.press('Keep')
    expect(said.words).toEqual(['Line 1 is no figure.'])
    expect((area.element as HTMLTextAreaElement).value).toBe('nonsense')
    await area.setValue('figure b')
    await page.press('Keep')
    expect(askedOf('PUT', '/api/figures/club/own-figures').at(-1)?.body).toEqual({
      text: 'figure b',
      version: 2,
    })
    expect(page.view.emitted('kept')).toHaveLength(1)
  })

  it('each has a version of its own', async () => {
    serve({
      'GET /api/figures/club': () => TEXTS,
      'PUT /api/figures/club/level-table': () => ({ ...TEXTS, levelTable: 'x', levelTableVersion: 8 }),
    })
    const page = await show(ClubText, { props: { which: 'level-table', title: 'Levels', keep: 'Keep' } })
    await page.view.get('textarea').setValue('x')
    await page.press('Keep')
    expect(askedOf('PUT', '/api/figures/club/level-table')[0].body).toEqual({ text: 'x', version: 7 })
  })
})

describe('the agenda', () => {
  const coming = (group: number, more: object) => ({
    group,
    groupName: `Group ${group}`,
    level: 'BEGINNER',
    startsAt: '19:00:00',
    place: 'Sluice Hall',
    minutes: 60,
    nextDate: '2026-11-30',
    ...more,
  })

  it('shows what is planned, what is to be written down, and plans what is not', async () => {
    const planned = classSheet({ lines: [line({ title: 'Tea Urn', kind: 'TEACH' })] })
    serve({
      'GET /api/classes': () => ({
        today: '2026-11-24',
        coming: [coming(1, { nextDate: '2026-11-23', planned }), coming(2, {})],
        recent: [classSheet({ id: 4, recordedBy: INES, note: 'full house', date: '2026-11-16' })],
      }),
      'POST /api/classes': () => classSheet({ id: 77 }),
    })
    const page = await show(AgendaView)
    expect(page.words()).toContain('Mon 23 Nov 19:00 Group 1')
    expect(page.words()).toContain('not written down yet')
    expect(page.words()).toContain('19:00 Teach Tea Urn')
    expect(page.words()).toContain('Mon 16 Nov, Monday Hall by Ines: “full house”')
    expect(page.view.get('a[href="/classes/5/log"]').text()).toBe('Write it down')
    await page.press('Plan 60 minutes')
    expect(askedOf('POST', '/api/classes')[0].body).toEqual({ group: 2, date: '2026-11-30', minutes: 60 })
    expect(page.router.currentRoute.value.path).toBe('/classes/77')
  })

  it('of a new club says what to do first', async () => {
    serve({ 'GET /api/classes': () => ({ today: '2026-11-24', coming: [], recent: [] }) })
    const page = await show(AgendaView)
    expect(page.words()).toContain('There are no groups yet, so there are no classes.')
  })

  it('that cannot plan says why and stays where it is', async () => {
    serve({
      'GET /api/classes': () => ({ today: '2026-11-24', coming: [coming(2, {})], recent: [] }),
      'POST /api/classes': () => new Refused(409, 'There is a class on that day already.'),
    })
    const page = await show(AgendaView)
    await page.press('Plan 60 minutes')
    expect(said.words).toEqual(['There is a class on that day already.'])
    expect(page.router.currentRoute.value.path).toBe('/here')
  })
})
