import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import own from '../../package.json'
import notices from '@/notices.json'
import AccountView from '@/views/account/AccountView.vue'
import ChoosePassword from '@/views/account/ChoosePassword.vue'
import JoinView from '@/views/account/JoinView.vue'
import SessionList from '@/views/account/SessionList.vue'
import BackupPanel from '@/views/club/BackupPanel.vue'
import ClubFilePanel from '@/views/club/ClubFilePanel.vue'
import ClubView from '@/views/club/ClubView.vue'
import NoticesView from '@/views/club/NoticesView.vue'
import PeoplePanel from '@/views/club/PeoplePanel.vue'
import { ago } from '@/domain/time'
import { show, until } from '../page'
import { ROLES } from '../roles'
import { asked, askedOf, Refused, serve } from '../server'

const said = vi.hoisted(() => ({ words: [] as string[], agreed: true, asked: [] as string[] }))
vi.mock('@/composables/page/say', () => {
  const say = (words: string) => void said.words.push(words)
  return { sayDone: say, sayNotice: say, sayFailed: say }
})
vi.mock('@/composables/page/confirm', () => ({
  confirmed: (title: string, words: string) => {
    said.asked.push(`${title} ${words}`)
    return Promise.resolve(said.agreed)
  },
}))
beforeEach(() => void Object.assign(said, { words: [], agreed: true, asked: [] }))

const AT = '2026-11-24T18:00:00'
const INES = { id: 2, name: 'Ines Kallas', role: ROLES.CO_INSTRUCTOR, version: 3 }

describe('people', () => {
  it('are invited with a link that is shown once, and taken back while it is open', async () => {
    let open: object[] = []
    serve({
      'GET /api/people': () => [],
      'GET /api/invitations': () => open,
      'POST /api/invitations': ({ body }) => {
        open = [
          {
            id: 5,
            by: { id: 1, name: 'Oda Marsh' },
            at: AT,
            goodUntil: AT,
            ...body,
            role: ROLES.CO_INSTRUCTOR,
          },
        ]
        return { word: 'c0ffee' }
      },
      'DELETE /api/invitations/{id}': () => ((open = []), {}),
    })
    const page = await show(PeoplePanel)
    await page.type('invited', 'Ines Kallas')
    await page.view.get('form').trigger('submit')
    await flushPromises()
    expect(askedOf('POST', '/api/invitations')[0].body).toEqual({
      name: 'Ines Kallas',
      role: 'CO_INSTRUCTOR',
    })
    expect(page.words()).toContain(`${location.origin}/join#c0ffee`)
    expect(page.words()).toContain('Ines Kallas as co-instructor')
    await page.press('Done')
    expect(page.words()).not.toContain('c0ffee')
    await page.press('Take back')
    expect(askedOf('DELETE', '/api/invitations/5')).toHaveLength(1)
    expect(page.words()).not.toContain('Ines Kallas as co-instructor')
  })

  it('join with the word of their link; the server says when it is no good', async () => {
    serve({
      'POST /api/join/look': () => ({
        name: 'Ines Kallas',
        role: ROLES.VIEWER,
        by: { id: 1, name: 'Oda Marsh' },
      }),
      'POST /api/join': () => new Refused(409, 'There is somebody called Ines Kallas already.'),
    })
    const page = await show(JoinView, { path: '/join#c0ffee', route: '/join' })
    await flushPromises()
    expect(page.words()).toContain('Oda Marsh invites you as looks on')
    await page.type('password', 'paper boats')
    await page.view.get('form').trigger('submit')
    await flushPromises()
    expect(askedOf('POST', '/api/join')[0].body).toEqual({
      word: 'c0ffee',
      name: 'Ines Kallas',
      password: 'paper boats',
    })
    expect(page.words()).toContain('There is somebody called Ines Kallas already.')
  })

  it('are called otherwise from the version that was seen; a refusal leaves the form open', async () => {
    let refuse = true
    serve({
      'GET /api/invitations': () => [],
      'GET /api/people': () => [INES],
      'GET /api/session': () => ({
        id: 1,
        name: 'Oda Marsh',
        role: ROLES.INSTRUCTOR,
        leads: [],
        needsSetup: false,
        invented: false,
      }),
      'PUT /api/people/{id}': ({ body }) =>
        refuse ? new Refused(409, 'This looks like Ida Olsen.') : { ...INES, name: body.name },
    })
    const page = await show(PeoplePanel)
    await page.press('Change')
    await page.type('new-name', 'Ines Olsen')
    const form = page.view.get('li form')
    await form.trigger('submit')
    await flushPromises()
    expect(said.words).toEqual(['This looks like Ida Olsen.'])
    refuse = false
    await form.trigger('submit')
    await flushPromises()
    expect(askedOf('PUT', '/api/people/2').at(-1)?.body).toEqual({
      name: 'Ines Olsen',
      role: 'CO_INSTRUCTOR',
      version: 3,
    })
    expect(page.view.find('li form').exists()).toBe(false)
  })

  it('leave with or without their name in the records, after a question that says which', async () => {
    serve({
      'GET /api/invitations': () => [],
      'GET /api/people': () => [INES],
      'DELETE /api/people/{id}': () => ({}),
    })
    const page = await show(PeoplePanel)
    await page.press('Take out')
    said.agreed = false
    await page.press('Take out…')
    expect(said.asked[0]).toContain('The records keep the name')
    expect(askedOf('DELETE', '/api/people/2')).toHaveLength(0)
    said.agreed = true
    await page.view.findAll('input[type=radio]')[1].setValue(true)
    await page.press('Take out…')
    expect(said.asked[1]).toContain('a former leader')
    expect(Object.fromEntries(askedOf('DELETE', '/api/people/2')[0].query)).toEqual({
      version: '3',
      forget: 'true',
    })
  })

  it('get a link for a new password, to be handed over whole', async () => {
    serve({
      'GET /api/invitations': () => [],
      'GET /api/people': () => [INES],
      'POST /api/people/{id}/password-link': () => ({ word: 'abc123' }),
    })
    const page = await show(PeoplePanel)
    await page.press('New password')
    expect(page.words()).toContain(`${location.origin}/password#abc123`)
    await page.press('Done')
    expect(page.words()).not.toContain('abc123')
  })
})

describe('a new password', () => {
  it('is chosen with the word of a link, and the server says when it is no good', async () => {
    serve({ 'POST /api/password': () => new Refused(422, 'This link was used already.') })
    const page = await show(ChoosePassword, { path: '/password#abc123', route: '/password' })
    await page.type('password', 'paper boats')
    await page.view.get('form').trigger('submit')
    await flushPromises()
    expect(askedOf('POST', '/api/password')[0].body).toEqual({ word: 'abc123', password: 'paper boats' })
    expect(page.words()).toContain('This link was used already.')
  })

  it('of one’s own wants the old one', async () => {
    serve({
      'GET /api/sessions': () => [],
      'GET /api/away': () => [],
      'PUT /api/session/password': () => ({
        id: 1,
        name: 'Oda Marsh',
        role: ROLES.INSTRUCTOR,
        leads: [],
        needsSetup: false,
        invented: false,
      }),
    })
    const page = await show(AccountView)
    await page.type('new-password', 'paper boats')
    expect(page.view.get('form:has([name=old]) button[type=submit]').attributes('disabled')).toBeDefined()
    await page.type('old', 'lantern-light')
    await page.view.get('form:has([name=old])').trigger('submit')
    await flushPromises()
    expect(askedOf('PUT', '/api/session/password')[0].body).toEqual({
      old: 'lantern-light',
      password: 'paper boats',
    })
  })
})

describe('sessions', () => {
  it('elsewhere can be ended, this one not from here', async () => {
    const at = new Date(Date.now() - 3 * 3_600_000).toISOString().slice(0, 19)
    const one = { name: 'Ines Kallas', since: at, lastSeen: at }
    serve({
      'GET /api/sessions': () => [
        { ...one, key: 'k1', device: 'Firefox on Android', here: false },
        { ...one, key: 'k2', device: 'Chrome on Windows', here: true },
      ],
      'DELETE /api/sessions/{key}': () => ({}),
      'DELETE /api/sessions': () => ({}),
    })
    const page = await show(SessionList, { props: { title: 'Signed in' } })
    expect(page.words()).toContain('Firefox on Android last seen 3 hours ago')
    expect(page.view.findAll('li button')).toHaveLength(1)
    await page.press('Sign out there')
    expect(askedOf('DELETE', '/api/sessions/k1')).toHaveLength(1)
    await page.press('Sign me out everywhere else')
    expect(askedOf('DELETE', '/api/sessions')).toHaveLength(1)
  })
})

describe('backups', () => {
  const counts = { people: 4, dances: 24, songs: 30, groups: 3, classes: 21 }

  it('say when the last one was made and what is in it, and why one failed', async () => {
    const made = new Date(Date.now() - 3 * 3_600_000).toISOString().slice(0, 19)
    const backups = [{ file: 'ulna-awl-1-daily.zip', occasion: 'DAILY', made, bytes: 90_000, counts }]
    serve({
      'GET /api/backups': () => ({ backups, trouble: 'There is no room on the disk for a backup.' }),
      'POST /api/backups': () => backups[0],
    })
    const page = await show(BackupPanel)
    expect(page.words()).toContain('Last backup 3 hours ago, opened and counted: 4 people, 24 dances')
    expect(page.view.get('[role=alert]').text()).toContain('no room')
    await page.press('Back up now')
    expect(said.words).toEqual(['The backup was made, opened and counted.'])
  })

  it('are missed where there are none', async () => {
    serve({ 'GET /api/backups': () => ({ backups: [] }) })
    expect((await show(BackupPanel)).words()).toContain('No backup yet')
  })

  it('are as old as one says', () => {
    const now = Date.parse('2026-11-26T19:00:00Z')
    expect(ago('2026-11-26T18:59:40', now)).toBe('just now')
    expect(ago('2026-11-26T18:59:00', now)).toBe('1 minute ago')
    expect(ago('2026-11-25T19:30:00', now)).toBe('23 hours ago')
    expect(ago('2026-11-20T18:00:00.123456', now)).toBe('6 days ago')
  })
})

describe('the notices', () => {
  it('name every package that the pages are made of, with a licence', async () => {
    const named = new Map(notices.pages.map((it) => [it.name, it.licence]))
    for (const name of Object.keys(own.dependencies)) expect(named.get(name), name).toBeTruthy()
    serve({})
    const page = await show(NoticesView)
    expect(page.view.findAll('tbody tr').length).toBe(notices.server.length + notices.pages.length)
  })
})

describe('the club’s page', () => {
  it('asks nothing for those who own nothing, and says whom to ask', async () => {
    serve({})
    const page = await show(ClubView, { as: 'INSTRUCTOR' })
    expect(asked).toEqual([])
    expect(page.words()).toContain('in the hands of the club’s owners; ask one of them')
  })
})

describe('a club’s file', () => {
  const LOOK = { made: AT, owners: ['Oda'], lists: [{ list: 'dances', about: 'a dance', rows: 24 }] }

  async function bring(look: object | Promise<object>) {
    serve({
      'GET /api/club': () => ({ empty: true }),
      'POST /api/club/file/look': async () => ({ ...LOOK, earlier: false, faults: [], ...(await look) }),
      'POST /api/club/file': () => ({}),
    })
    const page = await show(ClubFilePanel, { as: 'OWNER' })
    const input = page.view.get('input[type=file]')
    Object.defineProperty(input.element, 'files', { value: [new File(['{}'], 'club.json')] })
    await input.trigger('change')
    return page
  }

  it('is looked at, said to be an earlier one, and taken; whoever took it signs in again', async () => {
    const page = await bring({ earlier: true })
    await until(() => expect(page.words()).toContain('An earlier release wrote this file'))
    expect(page.words()).toContain('24 dances')
    expect(askedOf('POST', '/api/club/file')).toHaveLength(0)
    await page.press('Take it in')
    await until(() => expect(page.router.currentRoute.value.path).toBe('/sign-in'))
    expect(askedOf('POST', '/api/club/file')).toHaveLength(1)
    expect(said.words.join()).toContain('Sign in again')
  })

  it('says while it is looked at that nothing is taken yet', async () => {
    let answer: (look: object) => void = () => {}
    const page = await bring(new Promise<object>((resolve) => (answer = resolve)))
    await until(() => expect(page.view.get('[role=status]').text()).toContain('nothing is taken yet'))
    expect(page.words()).not.toContain('Take it in')
    answer({})
    await until(() => expect(page.words()).toContain('Take it in'))
    expect(page.view.find('[role=status]').exists()).toBe(false)
  })

  it('that has faults cannot be taken, and says where they are', async () => {
    const fault = { place: 'dances, row 3', what: 'nothing of that kind' }
    const page = await bring({ faults: [fault] })
    await until(() => expect(page.words()).toContain('dances, row 3: nothing of that kind'))
    expect(page.words()).not.toContain('Take it in')
  })
})
