// Colours stand in src/theme/tokens.css and nowhere else; run by `npm run lint`.
import { readdir, readFile } from 'node:fs/promises'

const COLOUR = /#[0-9a-f]{3,8}\b|\b(?:rgb|hsl)a?\(/i
const root = new URL('../src/', import.meta.url)
const found = []
for (const name of await readdir(root, { recursive: true })) {
  if (!/\.(vue|ts|css)$/.test(name) || name === 'theme/tokens.css' || name.endsWith('.d.ts')) continue
  const lines = (await readFile(new URL(name, root), 'utf8')).split('\n')
  lines.forEach((line, i) => COLOUR.test(line) && found.push(`src/${name}:${i + 1}: ${line.trim()}`))
}
if (found.length > 0) {
  console.error(`Colours outside of src/theme/tokens.css:\n${found.join('\n')}`)
  process.exit(1)
}
