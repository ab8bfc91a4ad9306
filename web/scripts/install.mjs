// Installs the packages of package-lock.json, unless that has been done for this very lock.
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { spawnSync } from 'node:child_process'

const mark = 'node_modules/.lock-hash'
const hash = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
if (existsSync(mark) && readFileSync(mark, 'utf8') === hash) {
  process.exit(0)
}
const done = spawnSync('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund'], { stdio: 'inherit' })
if (done.status !== 0) {
  console.error('The web packages could not be installed; is the npm registry reachable?')
  process.exit(done.status ?? 1)
}
writeFileSync(mark, hash)
