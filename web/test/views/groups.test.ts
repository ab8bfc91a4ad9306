import { flushPromises } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import RegisterCard from '@/views/groups/RegisterCard.vue'
import RequestsCard from '@/views/groups/RequestsCard.vue'
import RulingLine from '@/views/groups/RulingLine.vue'
import { show } from '../page'
import { askedOf, serve } from '../server'
import { ODA } from '../made'

vi.mock('@/composables/page/confirm', () => ({ confirmed: async () => true }))

const standing = (more: Partial<Schemas['DanceStanding']> = {}) =>
  ({ dance: 7, title: 'Copper Sky', stage: 'TAUGHT', ...more }) as Schemas['DanceStanding']

describe('what a person says against the record', () => {
  it('is said with a reason, and stands with its name and what the record says', async () => {
    serve({ 'PUT /api/groups/{id}/rulings/{dance}': () => undefined })
    const page = await show(RulingLine, { props: { group: 3, one: standing(), may: true } })
    await page.press('It stands elsewhere, or is retired')
    await page.view.get('[aria-label="Why"]').setValue('They had it in spring.')
    await page.view.get('form').trigger('submit')
    await flushPromises()
    const [put] = askedOf('PUT', '/api/groups/3/rulings/7')
    expect(put.body).toEqual({ stage: 'KNOWN', note: 'They had it in spring.' })
    expect(page.view.emitted('done')).toHaveLength(1)
  })

  it('is taken back, or a retired dance brought back', async () => {
    serve({ 'DELETE /api/groups/{id}/rulings/{dance}': () => undefined })
    const ruling = { fromRecord: 'TAUGHT' as const, by: ODA, on: '2026-11-24', note: 'stale' }
    const page = await show(RulingLine, {
      props: { group: 3, one: standing({ stage: 'RETIRED', ruling }), may: true },
    })
    expect(page.words()).toContain('Oda says retired, Tue 24 Nov; by the record it is taught.')
    await page.press('Bring it back')
    expect(askedOf('DELETE', '/api/groups/3/rulings/7')).toHaveLength(1)
  })
})

describe('what is asked for', () => {
  const asked = (more: object) => ({
    id: 1,
    dance: 7,
    title: 'Copper Sky',
    askedBy: 'Greta',
    askedOn: '2026-11-20',
    note: '',
    by: ODA,
    ...more,
  })

  it('stands open until it is danced, and can be dropped', async () => {
    const list = [asked({}), asked({ id: 2, title: 'Kettle On', answeredOn: '2026-11-23' })]
    serve({
      'GET /api/groups/{id}/requests': () => list,
      'GET /api/dances': () => [],
      'DELETE /api/groups/{id}/requests/{request}': () => [],
    })
    const page = await show(RequestsCard, { props: { group: 3 } })
    await flushPromises()
    expect(page.words()).toContain('Copper Sky Greta, Fri 20 Nov')
    expect(page.words()).toContain('1 answered')
    await page.view.get('[aria-label="Drop Copper Sky, asked for by Greta"]').trigger('click')
    await flushPromises()
    expect(askedOf('DELETE', '/api/groups/3/requests/1')).toHaveLength(1)
  })
})

describe('who comes', () => {
  const register = (more: object) => ({
    kind: 'HEADS',
    dancers: [],
    came: [{ day: '2026-11-19', heads: 12, version: 1 }],
    ...more,
  })

  it('is counted where heads are kept, on the version that was seen', async () => {
    serve({
      'GET /api/groups/{id}/register': () => register({}),
      'PUT /api/groups/{id}/register/days/{day}': () => register({}),
    })
    const page = await show(RegisterCard, { props: { group: 3, today: '2026-11-19', may: true } })
    await flushPromises()
    await page.view.findAll('form')[0].trigger('submit')
    await flushPromises()
    const [put] = askedOf('PUT', '/api/groups/3/register/days/2026-11-19')
    expect(put.body).toEqual({ heads: 12, version: 1 })
  })

  it('is ticked by name where names are kept; a name is deleted for good', async () => {
    const dancers = [
      { id: 1, name: 'Ada', regular: true },
      { id: 2, name: 'Bo', regular: false },
    ]
    const came = [{ day: '2026-11-19', heads: 1, there: [2], version: 4 }]
    serve({
      'GET /api/groups/{id}/register': () => register({ kind: 'NAMES', dancers, came }),
      'PUT /api/groups/{id}/register/days/{day}': () => undefined,
      'DELETE /api/groups/{id}/register/dancers/{dancer}': () => undefined,
    })
    const page = await show(RegisterCard, {
      props: { group: 3, today: '2026-11-19', may: true },
      as: 'CO_INSTRUCTOR',
    })
    await flushPromises()
    expect(page.words()).toContain('This group keeps names.')
    expect(page.words()).toContain('1 of 2')
    await page.view.findAll('form')[0].trigger('submit')
    await flushPromises()
    expect(askedOf('PUT', '/api/groups/3/register/days/2026-11-19')[0].body).toEqual({
      there: [2],
      version: 4,
    })
    await page.view.get('[aria-label="Delete Ada"]').trigger('click')
    await flushPromises()
    expect(askedOf('DELETE', '/api/groups/3/register/dancers/1')).toHaveLength(1)
  })
})
