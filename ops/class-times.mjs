// How long each test class took in the last run, the longest first; from the reports of all modules.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const root = join(import.meta.dirname, '..')
const classes = []
for (const module of readdirSync(root, { withFileTypes: true }).filter((it) => it.isDirectory())) {
  const reports = join(root, module.name, 'target/surefire-reports')
  for (const file of list(reports).filter((it) => /^TEST-.*\.xml$/.test(it))) {
    const suite = readFileSync(join(reports, file), 'utf8').match(/<testsuite [^>]*>/)?.[0] ?? ''
    const tests = Number(suite.match(/ tests="(\d+)"/)?.[1] ?? 0)
    const seconds = Number((suite.match(/ time="([\d.,]+)"/)?.[1] ?? '0').replaceAll(',', ''))
    const name = suite.match(/ name="([^"]+)"/)?.[1] ?? file
    if (tests > 0) classes.push({ module: module.name, name: name.split('.').pop(), tests, seconds })
  }
}
classes.sort((one, other) => other.seconds - one.seconds)
for (const { module, name, tests, seconds } of classes) {
  console.log(`${seconds.toFixed(1).padStart(8)} s  ${String(tests).padStart(4)}  ${module}  ${name}`)
}

function list(folder) {
  try {
    return readdirSync(folder)
  } catch {
    return []
  }
}
