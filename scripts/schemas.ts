/** `npm run schemas`: writes the JSON Schemas of the app's files, from the schemas it checks them with. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { jsonSchemas } from '../src/core/formats/jsonSchema';

const folder = join(__dirname, '..', 'docs', 'formats');
mkdirSync(folder, { recursive: true });
for (const [name, schema] of Object.entries(jsonSchemas())) {
  writeFileSync(join(folder, `${name}.schema.json`), `${JSON.stringify(schema, null, 2)}\n`);
}
