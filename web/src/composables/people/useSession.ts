import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { takeOver } from '@/composables/device/earlier-keys'
import { forgetAnswers, forgetUnused, keepFor, lastKept } from '@/composables/device/kept-for'
import { dropCopies, isOwnedBy, useOwner } from '@/composables/device/own'
import { api, ask, type Schemas } from '@/api/client'

export type Ability = Schemas['AbilityView']['ability']

type Person = Pick<Schemas['ClubPerson'], 'id' | 'name'>

/** Who is signed in on this browser. */
export const useSession = defineStore('session', () => {
  const session = ref<Schemas['Session']>()
  const name = computed(() => session.value?.name)
  /** Whoever it is, as colleagues see them. */
  const me = computed<Person | undefined>(() => {
    const { id, name } = session.value ?? {}
    return id === undefined || name === undefined ? undefined : { id, name }
  })
  const isMe = (one: Person | undefined) => one !== undefined && one.id === session.value?.id
  const abilities = computed(() => session.value?.role?.abilities ?? [])
  const may = (ability: Ability) => abilities.value.includes(ability)
  /** Whether they may do so in a class that somebody leads. */
  const mayInClass = (ability: Ability, leader: Person | undefined) =>
    may(ability) && (may('EVERY_CLASS') || isMe(leader))
  /** Whether they may do so in what belongs to a group. */
  const mayInGroup = (ability: Ability, group: number | undefined) =>
    may(ability) &&
    (may('EVERY_CLASS') || (group !== undefined && (session.value?.leads ?? []).includes(group)))
  /** Whether a colleague can ask or propose something to them, or answer what they did. */
  const isAsked = computed(() => may('LEAD') || may('PROPOSE'))
  /** Whether this is the invented club, for looking around. */
  const invented = computed(() => session.value?.invented ?? false)
  const needsSetup = computed(() => session.value?.needsSetup ?? false)

  /** From now on it is this one, and so is what the device keeps. */
  async function isNow(found: Schemas['Session']) {
    session.value = found
    const { club = '', id, name, role } = found
    const before = lastKept()
    isOwnedBy(id === undefined || name === undefined ? undefined : { club, id, name })
    if (id === undefined || name === undefined) return
    takeOver(name, before)
    await keepFor(`${club}/${id}/${role?.code}/${[...abilities.value].sort().join(' ')}`)
  }

  async function load() {
    await forgetUnused()
    await isNow(await ask(api.GET('/api/session')))
  }

  async function begin(body: Schemas['Credentials']) {
    await forgetAnswers()
    await isNow(await ask(api.POST('/api/session', { body })))
  }

  /** Makes the first owner, with the code that stands where the server was started. */
  async function setUp(body: Schemas['FirstOwner']) {
    await isNow(await ask(api.POST('/api/setup', { body })))
  }

  /** Joins the club with the word of an invitation. */
  async function join(body: Schemas['Joining']) {
    await isNow(await ask(api.POST('/api/join', { body })))
  }

  /** Chooses a new password with the word of a link. */
  async function choosePassword(body: Schemas['NewPassword']) {
    await isNow(await ask(api.POST('/api/password', { body })))
  }

  async function end() {
    await ask(api.DELETE('/api/session'))
    const leaving = useOwner().value
    if (leaving) dropCopies(leaving)
    forget()
  }

  function forget() {
    void forgetAnswers()
    isOwnedBy(undefined)
    session.value = { needsSetup: false, leads: [], invented: invented.value }
  }

  return {
    session,
    name,
    me,
    isMe,
    may,
    mayInClass,
    mayInGroup,
    isAsked,
    needsSetup,
    invented,
    load,
    begin,
    setUp,
    join,
    choosePassword,
    end,
    forget,
  }
})
