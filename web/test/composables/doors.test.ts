import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h } from 'vue'
import { useEntry } from '@/composables/evening/useEntry'
import { usePlanClass } from '@/composables/evening/usePlanClass'
import { useFindable } from '@/composables/page/useFindable'
import { useSignOut } from '@/composables/people/useSignOut'
import { useSession } from '@/composables/people/useSession'
import { show } from '../page'
import { askedOf, Refused, serve } from '../server'
import { INES } from '../made'
import { ROLES, type BuiltIn } from '../roles'

/** What a composable gives on a page of its own. */
async function on<T>(use: () => T, as: BuiltIn = 'INSTRUCTOR') {
  let found: T | undefined
  const part = defineComponent({
    setup() {
      found = use()
      return () => h('i')
    },
  })
  const page = await show(part, { as })
  return { page, has: found as T }
}

describe('a door', () => {
  it('leads on where the server agrees, and leaves no way back to it', async () => {
    const { page, has } = await on(() =>
      useEntry(
        async () => undefined,
        () => '/classes',
      ),
    )
    await has.enter()
    expect(page.router.currentRoute.value.path).toBe('/classes')
    expect([has.busy.value, has.problem.value]).toEqual([false, ''])
  })

  it('says why where it does not, and can be tried again', async () => {
    let why = 'Name or password are wrong.'
    const { page, has } = await on(() =>
      useEntry(
        async () => {
          if (why) throw new Error(why)
        },
        () => '/classes',
      ),
    )
    await has.enter()
    expect(has.problem.value).toBe('Name or password are wrong.')
    expect(page.router.currentRoute.value.path).toBe('/here')
    why = ''
    await has.enter()
    expect(has.problem.value).toBe('')
    expect(page.router.currentRoute.value.path).toBe('/classes')
  })

  it.each(['signing in', 'joining'])(
    'says by %s for whom the device keeps answers from now on',
    async (how) => {
      localStorage.clear()
      const ines = {
        ...INES,
        club: 'mill',
        role: ROLES.VIEWER,
        leads: [],
        needsSetup: false,
        invented: false,
      }
      serve({ 'POST /api/session': () => ines, 'POST /api/join': () => ines })
      await show({ template: '<i />' }, { nobody: true })
      const session = useSession()
      if (how === 'joining') await session.join({ word: 'w0rd', name: 'Ines', password: 'lantern-light' })
      else await session.begin({ name: 'Ines', password: 'lantern-light' })
      expect(JSON.parse(localStorage.getItem('ulna-kept-for') ?? '{}').who).toBe('mill/4/VIEWER/READ')
    },
  )

  it('out of the club forgets who was signed in', async () => {
    serve({ 'DELETE /api/session': () => undefined, 'GET /api/session': () => ({ leads: [] }) })
    const { page, has } = await on(useSignOut)
    await has()
    await flushPromises()
    expect(askedOf('DELETE', '/api/session')).toHaveLength(1)
    expect(useSession().name).toBeUndefined()
    expect(page.router.currentRoute.value.path).toBe('/sign-in')
  })
})

describe('the next class of a group', () => {
  const coming = { group: 3, groupName: 'Turners', nextDate: '2026-12-03', minutes: 90 }

  it('is planned on its day for its minutes, and opened', async () => {
    serve({ 'POST /api/classes': () => ({ id: 12 }) })
    const { page, has } = await on(usePlanClass)
    await has.plan(coming as Parameters<typeof has.plan>[0])
    expect(askedOf('POST', '/api/classes')[0].body).toEqual({ group: 3, date: '2026-12-03', minutes: 90 })
    expect(page.router.currentRoute.value.path).toBe('/classes/12')
  })

  it('that cannot be planned leaves one where one is, and says why', async () => {
    serve({ 'POST /api/classes': () => new Refused(409, 'Turners has a class on that day already.') })
    const { page, has } = await on(usePlanClass)
    await has.plan(coming as Parameters<typeof has.plan>[0])
    await flushPromises()
    expect(document.body.textContent).toContain('has a class on that day already')
    expect(page.router.currentRoute.value.path).toBe('/here')
  })
})

describe('what can be gone to by a word', () => {
  const routes = {
    'GET /api/dances': () => [{ id: 7, title: 'Tea Urn', level: 'IMPROVER', counts: 48 }],
    'GET /api/songs': () => [{ id: 4, song: { title: 'Blue Mug' } }],
    'GET /api/groups': () => [{ id: 3, name: 'Turners', level: 'IMPROVER' }],
    'GET /api/classes': () => ({
      coming: [
        { groupName: 'Turners', nextDate: '2026-12-03', planned: { id: 12 } },
        { groupName: 'Steppers', nextDate: '2026-12-01' },
      ],
    }),
    'GET /api/figures': () => [{ call: 'sailor step', names: ['sailor', 'sailor step'] }],
  }

  it('is every page one may open, and every thing by its name', async () => {
    serve(routes)
    const { has } = await on(useFindable)
    await has.load()
    const to = has.all.value.map((one) => one.to)
    expect(to).toEqual(
      expect.arrayContaining(['/classes', '/songs/new', '/dances/7', '/songs/4', '/groups/3', '/classes/12']),
    )
    expect(to, 'not what only an owner may see').not.toContain('/club')
    expect(to, 'a class that is not planned has no page').not.toContain('/classes/undefined')
    expect(to).toContain('/figures?words=sailor%20step')
  })

  it.each([
    ['VIEWER', ['/dances/new/write', '/waiting', '/files', '/club']],
    ['CO_INSTRUCTOR', ['/files', '/club', '/songs/new']],
    ['OWNER', []],
  ] as [BuiltIn, string[]][])('for a %s leaves out what is refused anyway', async (as, without) => {
    serve(routes)
    const { has } = await on(useFindable, as)
    const to = has.all.value.map((one) => one.to)
    expect(to).toContain('/dances')
    expect(without.filter((one) => to.includes(one))).toEqual([])
  })

  it('still has the pages where the things cannot be read', async () => {
    serve({})
    const { has } = await on(useFindable)
    await has.load()
    expect(has.problem.value).not.toBe('')
    expect(has.all.value.map((one) => one.to)).toContain('/handbook')
  })
})
