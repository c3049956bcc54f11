import { array, boolean, number, object, string, type InferType } from 'yup';
import { scaleFormats } from '../../core/instruments/scaleLines';
import { recipeSchema } from '../../core/colour/colourSchemas';
import { containerSchema } from '../../core/mix/mixingSchema';
import { unitFamilies, type OwnUnit } from '../../core/quantity/unitFamilies';
import { personSchema } from '../../core/person/personSchema';
import { nameSchema, noteSchema } from '../../core/schema/textSchema';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

/** How somebody is reminded of what comes. */
export const remindersSchema = object({
  on: boolean().required(),
  /** So long before, min. */
  beforeMin: number().integer().min(0).max(240).required(),
  sound: boolean().required(),
  vibration: boolean().required(),
  /** Through the browser, where it was allowed to. */
  notifications: boolean().required(),
})
  .optional()
  .default(undefined);

/** How the bench makes itself heard. */
export const benchSettingsSchema = object({
  sound: boolean().required(),
  vibration: boolean().required(),
  /** Says "stop" and clocks. */
  speech: boolean().required(),
})
  .optional()
  .default(undefined);

const drivers = ['hand', 'simulated', 'serial', 'hid'] as const;

/** Which instrument stands at the bench, and how its line is set. */
const instrumentSchema = object({
  driver: string().oneOf(drivers).required(),
  /** A thermometer that is held into it, or one that looks at its surface. */
  sees: string()
    .oneOf(['core', 'surface'] as const)
    .optional(),
  /** Of lines; found by the first of them where nothing is set. */
  format: string().oneOf(scaleFormats).optional(),
  bareUnit: string().max(5).optional(),
  baudRate: number().integer().min(50).max(1_000_000).optional(),
  dataBits: number()
    .oneOf([7, 8] as const)
    .optional(),
  stopBits: number()
    .oneOf([1, 2] as const)
    .optional(),
  parity: string()
    .oneOf(['none', 'even', 'odd'] as const)
    .optional(),
})
  .optional()
  .default(undefined);

const grainSchema = object({ name: nameSchema(60), bulkDensity: string().required() });

export const currencySchema = noteSchema(5);

/** One of each of the lists that are kept. */
export const settingsItems = {
  grains: grainSchema,
  recipes: recipeSchema,
  containers: containerSchema,
} as const;

const settingsRecordSchema = object({
  ...storedFields(1),
  /** What the shelf and the jobs began as. */
  startedWith: string()
    .oneOf(['demo', 'empty'] as const)
    .required(),
  /** Jobs and moulds of the demo are not written yet: a first start has only what the first figure needs. */
  demoToCome: boolean().optional(),
  /** The quick mix as it was left. */
  quick: object({
    amount: string().defined(),
    resinId: string().defined(),
    batches: string().defined(),
    /** The ratio off a label, of a resin that is not on the shelf. */
    label: object({
      ratio: string().defined(),
      by: string()
        .oneOf(['volume', 'weight'] as const)
        .defined(),
    })
      .optional()
      .default(undefined),
  }),
  /** Grains whose bulk density was found once. */
  grains: array().of(grainSchema).optional(),
  /** Colours that were found good. */
  recipes: array().of(recipeSchema).optional(),
  /** Cups and buckets that the person has. */
  containers: array().of(containerSchema).optional(),
  /** In what lengths and temperatures are told. */
  told: object({
    length: string()
      .oneOf(['mm', 'in'] as const)
      .required(),
    temperature: string()
      .oneOf(['°C', '°F'] as const)
      .required(),
  })
    .optional()
    .default(undefined),
  /** Units that bare figures are in, the one used last first. */
  ownUnits: array()
    .of(
      string<OwnUnit>()
        .oneOf(unitFamilies.flatMap((family): readonly OwnUnit[] => family))
        .required(),
    )
    .optional(),
  /** How often each resin was chosen, the most first. */
  resinUse: array()
    .of(object({ id: string().required(), times: number().integer().min(1).required() }))
    .optional(),
  /** What stands before a price. */
  currency: currencySchema,
  /** Hours, pace and habits. */
  person: personSchema.optional().default(undefined),
  /** How somebody is reminded of what comes. */
  reminders: remindersSchema,
  bench: benchSettingsSchema,
  /** What measures at the bench. */
  instruments: object({ scale: instrumentSchema, thermometer: instrumentSchema })
    .optional()
    .default(undefined),
  /** A job has a date: the app opens on Today. */
  dated: boolean().optional(),
});

export type SettingsRecord = InferType<typeof settingsRecordSchema>;

/** What a person has set, without what makes it a record. */
export type Settings = Omit<SettingsRecord, 'id' | 'schema' | 'revision' | 'stamp'>;

/** Lists of things that are kept to be used again; each goes by its name. */
export type KeptLists = Required<Pick<Settings, 'grains' | 'recipes' | 'containers'>>;

export const settingsRecords: RecordKind<typeof settingsRecordSchema> = {
  prefix: 'settings/',
  version: 1,
  schema: settingsRecordSchema,
  migrations: {},
};

export const settingsId = 'person';
