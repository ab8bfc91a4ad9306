import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import SignOut from '@/components/sign-out/SignOut.vue'
import { draftKey, isOwnedBy, own } from '@/composables/device/own'
import { useOutbox } from '@/composables/device/useOutbox'
import { useSignOut } from '@/composables/people/useSignOut'
import { useSession } from '@/composables/people/useSession'
import { ODA } from '../made'
import { show } from '../page'
import { askedOf, Refused, serve } from '../server'

const OWNER = { club: 'mill', ...ODA }
const LOG = { id: 5, words: 'Turners, 24 November', body: { version: 1, note: '', lines: [] } }

/** A page on which somebody signs out. */
const PAGE = {
  components: { SignOut },
  setup: () => ({ leave: useSignOut() }),
  template: '<button @click="leave">Sign out</button><SignOut />',
}

beforeEach(() => {
  localStorage.clear()
  isOwnedBy(OWNER)
})

const dialog = () => document.body.textContent ?? ''
async function choose(words: string) {
  const button = [...document.body.querySelectorAll('button')].find(
    (one) => one.textContent?.trim() === words,
  )
  button?.click()
  await flushPromises()
}

describe('signing out', () => {
  it('asks nothing where nothing is unsent', async () => {
    serve({ 'DELETE /api/session': () => ({}) })
    const page = await show(PAGE)
    await page.press('Sign out')
    expect(askedOf('DELETE', '/api/session')).toHaveLength(1)
    expect(useSession().name).toBeUndefined()
  })

  it('with a draft keeps it for whoever it is, and says whom it is for nobody else', async () => {
    serve({ 'DELETE /api/session': () => ({}) })
    const key = draftKey('dance-7')
    localStorage.setItem(key, '{"version":1}')
    const page = await show(PAGE)
    await page.press('Sign out')
    expect(askedOf('DELETE', '/api/session')).toHaveLength(0)
    expect(dialog()).toContain('a dance')
    expect(dialog()).toContain('is not saved yet')
    await choose('Keep it for me')
    expect(askedOf('DELETE', '/api/session')).toHaveLength(1)
    expect(localStorage.getItem(key)).not.toBeNull()
  })

  it('with a log that the server does not take stays, and says so', async () => {
    let answer: () => unknown = () => new Refused(409, 'Somebody has changed this class.')
    serve({ 'DELETE /api/session': () => ({}), 'POST /api/classes/{id}/record': () => answer() })
    await useOutbox().send(LOG)
    const page = await show(PAGE)
    await page.press('Sign out')
    await choose('Send it now')
    expect(askedOf('DELETE', '/api/session'), 'still signed in').toHaveLength(0)
    answer = () => ({})
    await useOutbox().send(LOG)
    await choose('Send it now')
    expect(askedOf('DELETE', '/api/session')).toHaveLength(1)
  })

  it('drops what somebody drops, and nothing of anybody else', async () => {
    serve({ 'DELETE /api/session': () => ({}) })
    localStorage.setItem('ulna/mill/9/outbox', '[{"id":7}]')
    localStorage.setItem(own('log-6'), '{}')
    const page = await show(PAGE)
    await page.press('Sign out')
    await choose('Drop it')
    expect(Object.keys(localStorage).filter((key) => key.startsWith('ulna/mill/'))).toEqual([
      'ulna/mill/9/outbox',
    ])
  })
})
