import type { Schema } from 'yup';
import { recipesFileSchema } from '../src/core/colour/recipeFile';
import { jobSchema, jobSchemaVersion1 } from '../src/core/job/jobSchema';
import { mouldFileSchema } from '../src/core/measure/mould/mouldFile';
import { recordFileSchema } from '../src/core/record/recordFile';
import { resinsFileSchema } from '../src/core/resin/resinFile';
import {
  workshopGoneSchema,
  workshopRecordsSchema,
  workshopSchema,
} from '../src/data/workshop/workshopSchema';
import { JsonSchemas } from './jsonSchemaOf';

const quantities =
  'Quantities are text with their unit, as people write them; see README.md beside this file.';

const published: readonly {
  readonly name: string;
  readonly title: string;
  readonly description: string;
  readonly schema: Schema;
}[] = [
  {
    name: 'job',
    title: 'Nipperkin job, version 2',
    description: `What a person said about one piece and its pours. ${quantities}`,
    schema: jobSchema,
  },
  {
    name: 'job-1',
    title: 'Nipperkin job, version 1',
    description: `What a person said about one pour, as older files have it. ${quantities}`,
    schema: jobSchemaVersion1,
  },
  {
    name: 'resins',
    title: 'Nipperkin resin cards, version 1',
    description: `What the labels of resins say. ${quantities}`,
    schema: resinsFileSchema,
  },
  {
    name: 'mould',
    title: 'Nipperkin mould, version 1',
    description: `A mould that was measured once. ${quantities}`,
    schema: mouldFileSchema,
  },
  {
    name: 'record',
    title: 'Nipperkin record, version 1',
    description:
      'What happened to one piece, pour by pour. Moments are milliseconds since 1970; other figures have their unit in their name.',
    schema: recordFileSchema,
  },
  {
    name: 'recipes',
    title: 'Nipperkin recipes, version 1',
    description: `Colours that were found good. ${quantities}`,
    schema: recipesFileSchema,
  },
  {
    name: 'workshop',
    title: 'Nipperkin workshop file, version 1: its list of parts',
    description: '`workshop.json` of the archive: what else is in it, each part with its checksum.',
    schema: workshopSchema,
  },
  {
    name: 'workshop-records',
    title: 'Nipperkin workshop file, version 1: records',
    description:
      '`records/*.json` of the archive: records of one kind as they are stored, or as text where they cannot be read.',
    schema: workshopRecordsSchema,
  },
  {
    name: 'workshop-gone',
    title: 'Nipperkin workshop file, version 1: what was deleted',
    description:
      '`gone.json` of the archive: keys of records that were deleted, each with what it had grown out of.',
    schema: workshopGoneSchema,
  },
];

/** Each schema as it is written, by the name of its file. */
export const jsonSchemaFiles = (): ReadonlyMap<string, string> =>
  new Map(
    published.map(({ name, title, description, schema }) => {
      const schemas = new JsonSchemas();
      const { $ref: _, ...whole } = schemas.of(schema.meta({ definition: undefined }) as Schema);
      const file = {
        $schema: 'https://json-schema.org/draft/2019-09/schema',
        title,
        description,
        ...whole,
        ...(JSON.stringify(whole).includes('#/definitions/')
          ? { definitions: schemas.definitions }
          : {}),
      };
      return [`${name}.schema.json`, `${JSON.stringify(file, null, 1)}\n`];
    }),
  );
