// Packs what the pages are made of, beside each file, so that the server never has to.
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'

const DIST = new URL('../dist', import.meta.url).pathname
const PACKABLE = /\.(html|js|css|svg|json|txt)$/
const LEAST_BYTES = 1_000

function files(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? files(join(folder, entry.name)) : [join(folder, entry.name)],
  )
}

for (const file of files(DIST)) {
  if (!PACKABLE.test(file) || statSync(file).size < LEAST_BYTES) continue
  const bytes = readFileSync(file)
  writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }))
  writeFileSync(
    `${file}.br`,
    brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length } }),
  )
}
