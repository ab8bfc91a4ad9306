import { flushPromises } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import type { Ability } from '@/composables/people/useSession'
import ClubView from '@/views/club/ClubView.vue'
import RolesPanel from '@/views/club/RolesPanel.vue'
import { show, type Page } from '../page'
import { own, ROLES } from '../roles'
import { askedOf, Refused, serve } from '../server'

vi.mock('@/composables/page/confirm', () => ({ confirmed: () => Promise.resolve(true) }))

const ability = (
  ability: Ability,
  words: string,
  brings: Ability[] = [],
  offered = true,
): Schemas['AbilityView'] => ({ ability, words, brings: ['READ', ...brings, ability], offered })

const ABILITIES = [
  ability('READ', 'reads'),
  ability('HEADS', 'sees how many came'),
  ability('DANCERS', 'sees names', ['HEADS']),
  ability('LOG', 'writes logs', ['HEADS', 'DANCERS']),
  ability('EVERY_CLASS', 'does so everywhere'),
  ability('CLUB', 'keeps the club', [], false),
]

function served(roles: Schemas['RoleView'][], more = {}) {
  serve({ 'GET /api/roles': () => ({ roles, abilities: ABILITIES }), ...more })
}
const builtIn: Schemas['RoleView'] = {
  role: ROLES.OWNER,
  builtIn: true,
  version: 0,
  holders: 1,
  given: true,
}
const mine: Schemas['RoleView'] = {
  role: { ...own('HEADS'), name: 'Treasurer', may: 'sees how many came' },
  builtIn: false,
  version: 3,
  holders: 0,
  given: true,
}

function ticked(page: Page) {
  return page.view
    .findAll('fieldset .el-checkbox')
    .filter((one) => one.classes('is-checked'))
    .map((one) => one.text())
}
async function tick(page: Page, words: string) {
  const box = page.view.findAll('fieldset .el-checkbox').find((one) => one.text() === words)
  await box?.get('input').setValue(!box.classes('is-checked'))
  await flushPromises()
}

describe('roles', () => {
  it('of one’s own are made of what they are to do, with what that brings', async () => {
    served([builtIn], { 'POST /api/roles': () => mine })
    const page = await show(RolesPanel, { as: 'OWNER' })
    expect(page.words(), 'the four are as they are').not.toContain('Change')
    await page.press('New role')
    expect(page.words(), 'what stays with owners').not.toContain('keeps the club')
    expect(ticked(page)).toEqual(['reads'])
    await tick(page, 'writes logs')
    expect(ticked(page)).toEqual(['reads', 'sees how many came', 'sees names', 'writes logs'])
    await tick(page, 'sees names')
    expect(ticked(page), 'it comes with the logs').toContain('sees names')
    await tick(page, 'does so everywhere')
    await page.type('role-name', 'Assistant')
    await page.view.get('form').trigger('submit')
    await flushPromises()
    expect(askedOf('POST', '/api/roles')[0].body).toEqual({
      name: 'Assistant',
      abilities: ['READ', 'HEADS', 'DANCERS', 'LOG', 'EVERY_CLASS'],
      version: 0,
    })
    expect(page.view.find('form').exists()).toBe(false)
  })

  it('are changed from the version that was seen; a refusal leaves the form open', async () => {
    served([builtIn, mine], { 'PUT /api/roles/{code}': () => new Refused(409, 'Somebody has changed it.') })
    const page = await show(RolesPanel, { as: 'OWNER' })
    await page.press('Change')
    expect(ticked(page)).toEqual(['reads', 'sees how many came'])
    await tick(page, 'sees how many came')
    await page.view.get('li form').trigger('submit')
    await flushPromises()
    expect(askedOf('PUT', '/api/roles/own-1')[0].body).toEqual({
      name: 'Treasurer',
      abilities: ['READ'],
      version: 3,
    })
    expect(page.view.find('li form').exists()).toBe(true)
  })

  it('are removed where nobody has them', async () => {
    served([builtIn, mine, { ...mine, role: { ...mine.role, code: 'own-2' }, holders: 2 }], {
      'DELETE /api/roles/{code}': () => ({}),
    })
    const page = await show(RolesPanel, { as: 'OWNER' })
    const [free, had] = page.view.findAll('button').filter((one) => one.text() === 'Remove')
    expect(had.attributes('disabled')).toBeDefined()
    await free.trigger('click')
    await flushPromises()
    expect(askedOf('DELETE', '/api/roles/own-1')[0].query.get('version')).toBe('3')
  })

  it('show on the club’s page what is theirs', async () => {
    served([builtIn], { 'GET /api/people': () => [], 'GET /api/invitations': () => [] })
    const secretary = await show(ClubView, { as: own('PEOPLE') })
    expect(secretary.words()).toContain('Invite somebody')
    expect(secretary.words()).not.toContain('Backups')
    expect(askedOf('GET', '/api/backups')).toEqual([])
    const reader = await show(ClubView, { as: 'VIEWER' })
    expect(reader.words()).toContain('in the hands of the club’s owners')
  })
})
