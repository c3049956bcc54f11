import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { jsonSchemaFiles } from '../scripts/jsonSchemas';

const folder = join(__dirname, '../docs/formats');

test.each([...jsonSchemaFiles()])(
  '%s is what the schemas of the core say: npm run schemas',
  (name, text) => {
    expect(readFileSync(join(folder, name), 'utf8')).toBe(text);
  },
);
