// Writes src/notices.json: every library that ships with the app, its version and its licence.
// The server's come from the packed app and the POMs that Maven keeps, the pages' from the packages.
import { readdirSync, readFileSync, writeFileSync, existsSync } from 'node:fs'
import { homedir } from 'node:os'
import { join } from 'node:path'

/** Whether a jar is a module of this project. */
function isOurs(jar) {
  return existsSync(new URL(`../../${jar.replace(/-\d.*/, '')}/pom.xml`, import.meta.url))
}

/** Every POM that Maven keeps here, by the name of its file. */
function poms(folder, found = new Map()) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) poms(path, found)
    else if (entry.name.endsWith('.pom')) found.set(entry.name, [...(found.get(entry.name) ?? []), path])
  }
  return found
}

const kept = poms(process.env.MAVEN_REPOSITORY ?? join(homedir(), '.m2', 'repository'))

function licencesOf(pom) {
  const text = readFileSync(pom, 'utf8')
  const own = [...text.matchAll(/<license>[\s\S]*?<name>([\s\S]*?)<\/name>/g)].map((it) => it[1].trim())
  if (own.length > 0) return own
  const parent = text.match(/<parent>([\s\S]*?)<\/parent>/)?.[1]
  if (!parent) return []
  const [artifact, version] = ['artifactId', 'version'].map(
    (tag) => parent.match(new RegExp(`<${tag}>(.*?)</${tag}>`))?.[1],
  )
  const above = kept.get(`${artifact}-${version}.pom`)?.[0]
  return above ? licencesOf(above) : []
}

function ofTheServer() {
  return readdirSync(new URL('../../server/target/app/lib', import.meta.url))
    .filter((jar) => jar.endsWith('.jar') && !isOurs(jar))
    .map((jar) => {
      const [, name, version] = jar.match(/^(.*?)-(\d.*)\.jar$/)
      // The tools that unpack the jar come with the framework, without a POM of their own.
      const at = name.startsWith('spring-boot-')
        ? `spring-boot-${version}.pom`
        : jar.replace(/\.jar$/, '.pom')
      const pom = kept.get(at)?.[0]
      return { name, version, licence: (pom ? licencesOf(pom) : []).join(' or ') }
    })
}

function ofThePages() {
  const modules = new URL('../node_modules/', import.meta.url).pathname
  const read = (name) => JSON.parse(readFileSync(join(modules, name, 'package.json'), 'utf8'))
  const found = new Map()
  const follow = (names) => {
    for (const name of names) {
      if (found.has(name) || !existsSync(join(modules, name))) continue
      const { version, license, dependencies } = read(name)
      found.set(name, { name, version, licence: license ?? '' })
      follow(Object.keys(dependencies ?? {}))
    }
  }
  const own = JSON.parse(readFileSync(new URL('../package.json', import.meta.url), 'utf8'))
  follow(Object.keys(own.dependencies))
  return [...found.values()]
}

const byName = (a, b) => a.name.localeCompare(b.name, 'en')
const notices = { server: ofTheServer().sort(byName), pages: ofThePages().sort(byName) }
const without = [...notices.server, ...notices.pages].filter((it) => !it.licence)
writeFileSync(new URL('../src/notices.json', import.meta.url), `${JSON.stringify(notices, null, 1)}\n`)
console.log(`${notices.server.length} libraries of the server, ${notices.pages.length} of the pages.`)
if (without.length > 0) {
  console.error(`Without a licence: ${without.map((it) => it.name).join(', ')}`)
  process.exit(1)
}
