import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { forgetNames } from './useEvening'
import { forgetAnswers } from './useNewVersion'
import { api, ask, type Schemas } from '@/api/client'

/** Who is signed in on this browser. */
export const useSession = defineStore('session', () => {
  const session = ref<Schemas['Session']>()
  const name = computed(() => session.value?.name)
  const isInstructor = computed(() => session.value?.role === 'INSTRUCTOR')
  const needsSetup = computed(() => session.value?.needsSetup ?? false)

  async function load() {
    session.value = await ask(api.GET('/api/session'))
  }

  async function begin(body: Schemas['Credentials']) {
    await forgetAnswers()
    session.value = await ask(api.POST('/api/session', { body }))
  }

  /** Makes the first instructor, with the code that stands where the server was started. */
  async function setUp(body: Schemas['FirstInstructor']) {
    session.value = await ask(api.POST('/api/setup', { body }))
  }

  /** Chooses a new password with the word of a link. */
  async function choosePassword(body: Schemas['NewPassword']) {
    session.value = await ask(api.POST('/api/password', { body }))
  }

  async function end() {
    await ask(api.DELETE('/api/session'))
    forgetNames()
    forget()
  }

  function forget() {
    void forgetAnswers()
    session.value = { needsSetup: false }
  }

  return { session, name, isInstructor, needsSetup, load, begin, setUp, choosePassword, end, forget }
})
