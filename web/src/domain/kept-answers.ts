/**
 * Which answers of the server a device keeps for a hall without a network, and why. Whatever is not named
 * here is never kept: people, registers, requests, briefs, what waits, the log, history, links, tokens,
 * backups, and whatever is taken away as a file.
 */
interface Kept {
  path: RegExp
  why: string
}

const N = '\\d+'

const kept = (path: string, why: string): Kept => ({ path: new RegExp(`^/api/${path}$`), why })

export const KEPT: Kept[] = [
  kept('session', 'the app opens for whoever is signed in here'),
  kept('classes', 'the coming evenings'),
  kept(
    `classes/${N}(/(expected|late|music|value))?`,
    'a running order is held in the hand, and written down',
  ),
  kept('dances(/list(/choices)?)?', 'a dance is looked up in the hall'),
  kept(`dances/${N}(/(tags|prose|music|walls|endings|restarts|facing-claims))?`, 'and its walls'),
  kept(`dances/${N}/where-are-we`, 'somebody is lost in the middle of a song'),
  kept(`dances/${N}/(run-through|cues)`, 'it is run through and called'),
  kept(`dances/${N}/teach(/(options|saved))?`, 'it is taught from'),
  kept('songs', 'the list of songs'),
  kept(`songs/${N}(/(dances|splits(/${N}/${N})?))?`, 'a song, and what is danced to it'),
  kept('figures(/club)?', 'the club’s words'),
  kept('groups', 'the groups'),
  kept(`groups/${N}(/(next|progress|vocabulary))?`, 'what a group knows'),
  kept('matrix', 'what which group knows'),
  kept('taught', 'what was taught lately'),
  kept('calendar', 'closed days and themes'),
  kept(`terms(/${N}(/(report|unmet))?)?`, 'what the term still has in it'),
  kept(`socials(/${N})?`, 'an evening is led from it'),
  kept('sound', 'clicks and calls'),
]

/** Whether the answer to a question is kept; the address as it stands behind the host. */
export const isKept = (path: string): boolean => KEPT.some((one) => one.path.test(path))
