import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import { useSession, type Ability } from '@/composables/people/useSession'
import { LEVEL_WORDS } from '@/domain/labels'
import { day } from '@/domain/time'
import type { Findable } from '@/domain/find'

interface PageOf extends Omit<Findable, 'kind'> {
  kind: 'page' | 'action'
  ability: Ability
}

const of =
  (kind: PageOf['kind']) =>
  (title: string, to: string, note = '', ability: Ability = 'READ'): PageOf => ({
    kind,
    title,
    to,
    note,
    ability,
  })
const page = of('page')
const action = of('action')

/** Where one can go without knowing a name. */
const PAGES: PageOf[] = [
  page('Classes', '/classes', 'coming evenings agenda'),
  page('Dances', '/dances'),
  page('Songs', '/songs', 'music playlist'),
  page('Figures', '/figures', 'steps words'),
  page('Groups', '/groups'),
  page('Dances and groups', '/groups/matrix', 'who knows what'),
  page('Taught and danced', '/groups/taught', 'history record'),
  page('Terms', '/terms', 'plan weeks'),
  page('Socials', '/socials', 'evening set list'),
  page('Waiting', '/waiting', 'proposals questions', 'PROPOSE'),
  page('Print room', '/print', 'paper cards'),
  page('Files in and out', '/files', 'import export csv zip spreadsheet calendar playlist', 'FILES'),
  page('Handbook', '/handbook', 'help how'),
  page('Club', '/club', 'people backups file', 'PEOPLE'),
  page('What was done', '/club/log', 'log audit', 'CLUB'),
  page('What is new', '/news', 'version release changes'),
  page('My account', '/account', 'password devices calendar links'),
  page('Steadiness', '/run-through/steady', 'beat device check'),
  action('Write a dance', '/dances/new/write', 'new add', 'PROPOSE'),
  action('Build a dance from figures', '/dances/new/build', 'new add', 'PROPOSE'),
  action('Read sheets', '/dances/read', 'new import paste pdf', 'PROPOSE'),
  action('Add a song', '/songs/new', 'new', 'CHANGE_DANCES'),
  action('First evening', '/first', 'begin groups starter dances', 'PLAN'),
  action('Open a sample club', '/first', 'demo explore look around invented', 'PLAN'),
  action('Second screen', '/screen', 'show dancers'),
]

/** Everything that can be gone to by its name: pages, dances, songs, groups, classes, figures. */
export function useFindable() {
  const session = useSession()
  const things = ref<Findable[]>([])
  const problem = ref('')

  const pages = computed<Findable[]>(() => PAGES.filter((one) => session.may(one.ability)))
  const all = computed(() => [...pages.value, ...things.value])

  async function load() {
    problem.value = ''
    try {
      const [dances, songs, groups, classes, figures] = await Promise.all([
        ask(api.GET('/api/dances')),
        ask(api.GET('/api/songs')),
        ask(api.GET('/api/groups')),
        ask(api.GET('/api/classes')),
        ask(api.GET('/api/figures')),
      ])
      things.value = [
        ...classes.coming.flatMap((one) =>
          one.planned
            ? {
                kind: 'class',
                title: `${one.groupName}, ${day(one.nextDate)}`,
                note: 'running order evening',
                to: `/classes/${one.planned.id}`,
              }
            : [],
        ),
        ...groups.map((one) => ({
          kind: 'group',
          title: one.name,
          note: LEVEL_WORDS[one.level],
          to: `/groups/${one.id}`,
        })),
        ...dances.map((one) => ({
          kind: 'dance',
          title: one.title,
          note: `${LEVEL_WORDS[one.level]} ${one.counts} counts`,
          to: `/dances/${one.id}`,
        })),
        ...songs.map((one) => ({
          kind: 'song',
          title: one.song.title,
          note: one.song.artist ?? '',
          to: `/songs/${one.id}`,
        })),
        ...figures.map((one) => ({
          kind: 'figure',
          title: one.call,
          note: one.names.join(' '),
          to: `/figures?words=${encodeURIComponent(one.call)}`,
        })),
      ]
    } catch (e) {
      problem.value = (e as Error).message
    }
  }

  return { all, problem, load }
}
