import { array, mixed, number, object, string } from 'yup';
import type { BenchCopy } from './benchCopy';

const figure = () => number().required();
const partSchema = object({ g: figure(), ml: figure() });

/** What the bench calculates with must be figures; the rest of a plan is only shown, and is as it was stored. */
const batchSchema = object({
  id: string().max(80).required(),
  count: number().integer().min(1).max(1000).required(),
  layer: number().integer().min(0).required(),
  ml: figure(),
  g: figure(),
  a: partSchema,
  b: partSchema,
  onScale: object({ stepG: number().moreThan(0).required(), aG: figure(), bG: figure() }),
  bucket: object({ pourableMin: number().nullable().defined(), needsMin: figure() }),
});

const pourSchema = object({
  id: string().max(80).required(),
  layers: array()
    .of(object({ mixedAt: object({ resinC: figure(), roomC: figure() }) }))
    .min(1)
    .max(200)
    .defined(),
  batches: array().of(batchSchema).max(2000).defined(),
});

const copySchema = object({
  pour: number().integer().min(0).required(),
  plan: object({ name: string().defined(), pours: array().of(pourSchema).min(1).defined() }),
  layerTimes: array()
    .of(object({ bubblesMin: array().of(figure()).defined() }))
    .defined(),
  before: array()
    .of(object({ begunAt: figure(), pouredAt: figure() }))
    .defined(),
  prepare: array().defined(),
  tool: string().required(),
});

/** Whether something that was stored can be poured by. */
function isCopy(value: unknown): value is BenchCopy {
  // As it is stored: a text that looks like a figure is none.
  if (!copySchema.isValidSync(value, { strict: true })) return false;
  const { pour, plan, layerTimes } = value;
  return plan.pours[pour]?.layers.length === layerTimes.length;
}

export const benchCopySchema = mixed<BenchCopy>((value): value is BenchCopy => isCopy(value));
