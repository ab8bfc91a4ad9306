import { expect, it, vi } from 'vitest'
import { api, ask, onSignedOut, Refusal } from '@/api/client'
import { asked, offline, Refused, serve } from '../server'

const session = () => ask(api.GET('/api/session'))
const groups = () => ask(api.GET('/api/groups'))
const plan = () => ask(api.POST('/api/classes', { body: { group: 1, date: '2026-12-03', minutes: 60 } }))

it('what the server says of a refusal is what one reads', async () => {
  serve({ 'POST /api/classes': () => new Refused(409, 'Monday Hall has a class on that day already.') })
  const refusal = await plan().catch((e: unknown) => e)
  expect(refusal).toBeInstanceOf(Refusal)
  expect(refusal).toMatchObject({ status: 409, message: 'Monday Hall has a class on that day already.' })
})

it('a refusal without words says at least its number', async () => {
  serve({ 'GET /api/groups': () => new Refused(503) })
  await expect(groups()).rejects.toThrow('The server refused this (503).')
})

it('where nobody answers, nothing is lost and one is told so', async () => {
  offline(true)
  await expect(groups()).rejects.toMatchObject({
    status: 0,
    message: expect.stringContaining('Nothing is lost'),
  })
})

it('who is signed out while working is asked to sign in; a wrong password is not that', async () => {
  const out = vi.fn()
  onSignedOut(out)
  serve({
    'GET /api/groups': () => new Refused(401, 'Sign in first.'),
    'GET /api/session': () => new Refused(401, 'Name and password do not go together.'),
  })
  await expect(session()).rejects.toThrow('do not go together')
  expect(out).not.toHaveBeenCalled()
  await expect(groups()).rejects.toThrow('Sign in first.')
  expect(out).toHaveBeenCalledOnce()
})

it('every change carries the token against forged requests, and no question does', async () => {
  document.cookie = 'XSRF-TOKEN=a%2Fb; path=/'
  serve({ 'GET /api/groups': () => [], 'POST /api/classes': () => ({ id: 1 }) })
  await groups()
  await plan()
  expect(asked[0].headers.get('X-XSRF-TOKEN')).toBeNull()
  expect(asked[1].headers.get('X-XSRF-TOKEN')).toBe('a/b')
})
