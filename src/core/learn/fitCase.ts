import { array, object, string, type InferType } from 'yup';
import { InputError } from '../problem';
import { hasHeat } from '../resin/families';
import { readResin } from '../resin/readResin';
import { resinSchema } from '../resin/resinSchema';
import { withHardener } from '../resin/withHardener';
import { checkedOrThrow } from '../schema/check';
import { choiceSchema } from '../schema/choiceSchema';
import { needed } from '../schema/needed';
import { numberSchema, optionalNumberSchema } from '../schema/numberSchema';
import { refusal } from '../schema/refusal';
import { ceilingC } from '../thermal/ceiling';
import { fitReadings, type ReadingsFit } from '../thermal/fit/fitReadings';
import { seenMarks, type PourReading, type SeenTime } from '../thermal/fit/sampledRun';
import { barePlaceKeys, isSized, settingOfBare } from '../thermal/heatCase';
import { films } from '../thermal/solids';
import { candidatesOf } from './candidates';
import { suspectFahrenheit, toCelsius } from './fahrenheit';
import { refuseOrder } from './readingOrder';

const hoursRule = { greatest: 2000, whole: false, example: '6.5' };
const degreesRule = { least: -50, greatest: 700, whole: false, mayBeZero: true, example: '31.5' };
const mostReadings = 5000;

const readingSchema = object({
  h: numberSchema({ ...hoursRule, mayBeZero: true, least: -2000 }),
  coreC: optionalNumberSchema(degreesRule),
  surfaceC: optionalNumberSchema(degreesRule),
})
  .noUnknown()
  .test('place', ({ coreC, surfaceC }, context) =>
    coreC === undefined && surfaceC === undefined
      ? refusal(context, 'missing', { example: '31.5' }, `${context.path}.coreC`)
      : true,
  );

/** A pour that was measured, for the command: its card, where it stood, what was read and what was seen. */
const fitCaseSchema = object({
  card: needed(resinSchema),
  hardener: string().optional(),
  setting: needed(
    object({
      ...barePlaceKeys,
      geometry: choiceSchema(['slab', 'channel', 'cup'] as const).default('slab'),
      topFilm: barePlaceKeys.topFilm.default(films.topStill),
      bottomU: barePlaceKeys.bottomU.default(films.raisedBoard),
    })
      .noUnknown()
      .test('shape', isSized),
  ),
  /** Of the readings; without it they are °C, and refused where they look like °F. */
  unit: choiceSchema(['C', 'F'] as const).optional(),
  readings: array().of(readingSchema).max(mostReadings).default([]),
  observed: object({
    gelH: optionalNumberSchema(hoursRule),
    tackFreeH: optionalNumberSchema(hoursRule),
    demouldH: optionalNumberSchema(hoursRule),
  })
    .noUnknown()
    .default({}),
}).noUnknown();

export type FitCase = InferType<typeof fitCaseSchema>;

/**
 * Reads a pour that was measured.
 * @throws InputError for the first thing that is wrong
 */
export function readFitCase(value: unknown): FitCase {
  const given = checkedOrThrow(needed(fitCaseSchema), value) as FitCase;
  refuseOrder(given.readings.map(({ h }) => h));
  return given;
}

const hourS = 3600;

/**
 * What a measured pour says of its resin.
 * @throws InputError `no-model`, `perhaps-fahrenheit`, those of `calibrationOf`
 */
export function runFitCase({
  card,
  hardener,
  setting: place,
  unit,
  readings,
  observed,
}: FitCase): ReadingsFit {
  const { family } = card;
  if (!hasHeat(family)) throw new InputError('no-model', family, { family }, 'card.family');
  const setting = settingOfBare(place);
  const candidates = candidatesOf(family, readResin(withHardener(card, hardener)));
  const toC = unit === 'F' ? toCelsius : (degrees: number): number => degrees;
  const measured = readings.flatMap(({ h, coreC, surfaceC }): readonly PourReading[] => [
    ...(coreC === undefined ? [] : [{ timeS: h * hourS, place: 'core' as const, c: toC(coreC) }]),
    ...(surfaceC === undefined
      ? []
      : [{ timeS: h * hourS, place: 'surface' as const, c: toC(surfaceC) }]),
  ]);
  if (unit === undefined) {
    suspectFahrenheit(
      measured.map(({ c }) => c),
      setting.resinC,
      ceilingC(setting, candidates[0].curing),
    );
  }
  const seen = seenMarks.flatMap((mark): readonly SeenTime[] => {
    const hours = observed[`${mark}H`];
    return hours === undefined ? [] : [{ mark, layer: 0, timeS: hours * hourS }];
  });
  return fitReadings({ setting, readings: measured, seen }, candidates);
}
