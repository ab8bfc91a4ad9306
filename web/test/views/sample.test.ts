import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import SamplePanel from '@/views/first/SamplePanel.vue'
import { show } from '../page'
import { ROLES } from '../roles'
import { askedOf, serve } from '../server'

const said = vi.hoisted(() => ({ agreed: true }))
vi.mock('@/composables/page/say', () => ({ sayDone: () => {}, sayNotice: () => {}, sayFailed: () => {} }))
vi.mock('@/composables/page/confirm', () => ({ confirmed: () => Promise.resolve(said.agreed) }))

const OPEN = {
  state: 'OPEN',
  port: 9123,
  password: 'k7 & lamps',
  people: [{ name: 'Wilma Otterspoor', role: ROLES.INSTRUCTOR }],
}

describe('a sample club', () => {
  beforeEach(() => void vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] }))
  afterEach(() => void vi.useRealTimers())

  it('is opened, waited for, gone into by a door that keeps its word from the server, and removed', async () => {
    let now: object = { state: 'CLOSED' }
    serve({
      'GET /api/sample': () => now,
      'POST /api/sample': () => ((now = { state: 'OPENING' }), {}),
      'DELETE /api/sample': () => ((now = { state: 'CLOSED' }), {}),
    })
    const page = await show(SamplePanel)
    await flushPromises()
    await page.press('Open a sample club')
    await flushPromises()
    expect(page.words()).toContain('It is being set up')
    now = OPEN
    await vi.advanceTimersByTimeAsync(1000)
    await flushPromises()
    const door = page.view.get('a[target=_blank]')
    expect(door.text()).toBe('Wilma Otterspoor')
    const [address, word] = String(door.attributes('href')).split('#')
    expect(address).toBe(`${location.protocol}//${location.hostname}:9123/sign-in`)
    expect(Object.fromEntries(new URLSearchParams(word))).toEqual({
      as: 'Wilma Otterspoor',
      word: 'k7 & lamps',
    })
    const asked = askedOf('GET', '/api/sample').length
    await vi.advanceTimersByTimeAsync(5000)
    expect(askedOf('GET', '/api/sample')).toHaveLength(asked)

    said.agreed = false
    await page.press('Remove it')
    expect(askedOf('DELETE', '/api/sample')).toHaveLength(0)
    said.agreed = true
    await page.press('Remove it')
    await flushPromises()
    expect(askedOf('DELETE', '/api/sample')).toHaveLength(1)
    expect(page.words()).toContain('Open a sample club')
  })

  it('says why there can be none, and where it did not start', async () => {
    serve({ 'GET /api/sample': () => ({ state: 'CLOSED', whyNot: 'This is the invented club.' }) })
    const none = await show(SamplePanel)
    await flushPromises()
    expect(none.words()).toContain('This is the invented club.')
    expect(none.view.find('button').exists()).toBe(false)
    serve({ 'GET /api/sample': () => ({ state: 'FAILED' }) })
    const failed = await show(SamplePanel)
    await flushPromises()
    expect(failed.words()).toContain('It did not start')
    expect(failed.words()).toContain('Open a sample club')
  })
})
