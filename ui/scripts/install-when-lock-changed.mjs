// `npm ci` takes a minute; the build runs it only when package-lock.json is not the one that node_modules was made from.
import { createHash } from 'node:crypto'
import { execSync } from 'node:child_process'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'

const stamp = 'node_modules/.amber-lock-hash'
const hash = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
const installed = existsSync(stamp) ? readFileSync(stamp, 'utf8') : ''
if (installed !== hash) {
  execSync('npm ci', { stdio: 'inherit' })
  writeFileSync(stamp, hash)
}
