// Types of the drill file from its published schema, so that neither is written by hand twice.
import { readFile, writeFile } from 'node:fs/promises'
import openapiTS, { astToString } from 'openapi-typescript'

const file = await readFile(new URL('../../docs/formats/drill.schema.json', import.meta.url), 'utf8')
const schema = JSON.parse(file.replaceAll('#/$defs/', '#/components/schemas/'))
const description = {
  openapi: '3.1.0',
  info: { title: schema.title, version: '1' },
  paths: {},
  components: { schemas: schema.$defs },
}
const types = await openapiTS(description)
await writeFile(new URL('../src/shared/drillFile/drillFormat.d.ts', import.meta.url), astToString(types))
