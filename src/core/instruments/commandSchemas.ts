import { array, number, object, string } from 'yup';
import { deviceUnits } from './deviceUnits';
import { hands } from './simulatedScale';

const finite = (least: number, most: number) => number().min(least).max(most);

/** What can be done to the simulated scale, as it comes over the network: one of these, with what it needs. */
export const scaleCommandSchemas = {
  'put-cup': object({ do: string().required(), vesselG: finite(0, 20_000).required() }),
  'take-away': object({ do: string().required() }),
  lift: object({ do: string().required() }),
  'put-back': object({ do: string().required() }),
  tare: object({ do: string().required() }),
  pour: object({
    do: string().required(),
    g: finite(0, 20_000).required(),
    hand: string().oneOf(hands).required(),
  }),
  stop: object({ do: string().required() }),
  unit: object({
    do: string().required(),
    unit: string()
      .oneOf(deviceUnits.map(({ symbol }) => symbol))
      .required(),
  }),
  nature: object({
    do: string().required(),
    nature: object({
      resolutionG: finite(0.001, 100).optional(),
      noiseG: finite(0, 100).optional(),
      driftGPerMin: finite(-1000, 1000).optional(),
      settlingS: finite(0, 10).optional(),
      capacityG: finite(1, 1e6).optional(),
    }).noUnknown(),
  }),
  /** The connection is lost for so long. */
  drop: object({ do: string().required(), seconds: finite(0, 600).required() }),
} as const;

/** No curve that is drawn has more points. */
const mostPoints = 2000;
const minutes = () => finite(-1e6, 1e6);

/** What the simulated probe is held into. */
export const probeSchema = object({
  atMin: array().of(minutes().required()).min(1).max(mostPoints).defined(),
  curveC: array().of(finite(-40, 400).required()).min(1).max(mostPoints).defined(),
  elapsedMin: minutes().required(),
  speed: finite(0, 10_000).required(),
  hotterBy: finite(-1, 10).required(),
  noiseC: finite(0, 20).required(),
})
  .noUnknown()
  .test('as-many', ({ atMin, curveC }) => atMin?.length === curveC?.length);
