/** Writes the published JSON Schemas: `npm run schemas`. */
import { writeFileSync } from 'node:fs';
import { jsonSchemaFiles } from './jsonSchemas';

for (const [name, text] of jsonSchemaFiles()) writeFileSync(`docs/formats/${name}`, text);
