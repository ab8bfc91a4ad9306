// How long the start page's data takes in a large club, as a ratio to the cheapest question there is.
//   ./ulna start --port 8099 --data /some/empty/folder     (in another window)
//   ULNA_CODE=the-code-it-prints node bench/load/agenda.mjs http://localhost:8099
// It makes a club of 300 dances, 12 groups and 5,000 entries in an empty database; that takes some minutes.
const base = process.argv[2] ?? 'http://localhost:8099'
if (!['localhost', '127.0.0.1'].includes(new URL(base).hostname)) throw new Error('only this machine')

const DANCES = 300
const GROUPS = 12
const ENTRIES = 5000
const AT_ONCE = 4
const QUESTIONS = 60

const cookies = new Map()
async function call(method, path, body) {
  const headers = { cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; ') }
  if (body) headers['content-type'] = 'application/json'
  if (cookies.has('XSRF-TOKEN')) headers['x-xsrf-token'] = cookies.get('XSRF-TOKEN')
  const answer = await fetch(base + path, { method, headers, body: body && JSON.stringify(body) })
  for (const one of answer.headers.getSetCookie()) {
    const [, name, value] = one.match(/^([^=]+)=([^;]*)/)
    cookies.set(name, value)
  }
  const text = await answer.text()
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${text}`)
  return text ? JSON.parse(text) : undefined
}

/** Does something for each number, a few at once, and says how far it is. */
async function each(what, many, action) {
  let next = 0
  const worker = async () => {
    while (next < many) {
      const one = next++
      await action(one)
      if ((one + 1) % 500 === 0) console.log(`${what}: ${one + 1} of ${many}`)
    }
  }
  await Promise.all(Array.from({ length: AT_ONCE }, worker))
}

const EIGHTS = ['1-4  vine R, touch L\n5-8  vine L, touch R', '1-4  rocking chair R\n5-8  jazz box R 1/4 R']
/** Sections of two kinds, in an order of its own for each of the first sixteen dances. */
function text(number) {
  const sections = [0, 1, 2, 3].map((i) => `section ${i + 1}\n${EIGHTS[(number >> i) & 1]}\n`)
  return `title: Dance ${number}\nsong: Song ${number} / Band / ${90 + (number % 50)} bpm / 3:10\n${sections.join('')}`
}

const me = { name: 'Load Test', password: 'a-long-enough-word' }
await call('GET', '/api/session')
const { needsSetup } = await call('GET', '/api/session')
if (!needsSetup) throw new Error('the database is not empty')
await call('POST', '/api/setup', { ...me, code: process.env.ULNA_CODE ?? '' })
await call('POST', '/api/session', me).catch(() => undefined)
await call('GET', '/api/session')
const dances = []
await each('dances', DANCES, async (i) => (dances[i] = (await call('POST', '/api/dances', { stepText: text(i) })).id))
const days = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY']
const groups = []
await each('groups', GROUPS, async (i) => {
  const form = { name: `Group ${i}`, level: 'IMPROVER', weekday: days[i % 6], startsAt: '19:00', minutes: 90, place: 'hall', version: 0 }
  groups[i] = (await call('POST', '/api/groups', form)).id
})
const happened = ['TAUGHT', 'WALKED', 'DANCED_CALLED', 'DANCED']
await each('entries', ENTRIES, (i) => {
  const date = new Date(Date.now() - (1 + ((i * 37) % 700)) * 86_400_000).toISOString().slice(0, 10)
  const entry = { dance: dances[(i * 13) % DANCES], date, happened: happened[i % 4], shown: [1, 2, 3, 4], outcome: 'SOLID', note: '' }
  return call('POST', `/api/groups/${groups[i % GROUPS]}/record`, entry)
})
const { coming } = await call('GET', '/api/classes')
for (const one of coming) {
  await call('POST', '/api/classes', { group: one.group, date: one.nextDate, minutes: one.minutes })
}

async function median(path) {
  const times = []
  for (let i = 0; i < QUESTIONS; i++) {
    const before = performance.now()
    await call('GET', path)
    times.push(performance.now() - before)
  }
  const first = times[0]
  times.sort((a, b) => a - b)
  return { first, median: times[QUESTIONS / 2], slow: times[Math.floor(QUESTIONS * 0.95)] }
}
const cheap = await median('/api/session')
for (const path of ['/api/classes', `/api/groups/${groups[0]}`, '/api/groups/standings', '/api/dances']) {
  const { first, median: usual, slow } = await median(path)
  const shown = [first, usual, slow].map((ms) => ms.toFixed(1))
  console.log(`${path}: first ${shown[0]} ms, median ${shown[1]} ms, 95 % under ${shown[2]} ms; ${(usual / cheap.median).toFixed(1)} times /api/session`)
}
