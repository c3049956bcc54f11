import type { JobPour } from '../job/jobPour';
import { castInBoxOf } from '../mouldBox/castIn';
import { measurePart } from '../measure/parts/measurePart';
import type { Part } from '../measure/parts/partSchema';
import { within } from '../measure/within';
import { workingOf } from '../mix/working';
import { readingOf } from '../plan/readingOf';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { roundUpWhole } from '../quantity/round';
import { overageRule, roomTemperatureRule, timeRule } from '../quantity/rules';
import { timeAtMin } from '../resin/inRoom';
import type { ReadResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import { roughMin, type Rhythm } from './runSchedule';
import type { Run } from './runSchema';

/** A run before it is put in order: how often each mould is filled, from how many mixes, and what takes how long. */
export interface RunShape {
  readonly wanted: number;
  readonly rejectShare: number;
  /** Pieces out of one mould. */
  readonly cavities: number;
  /** Pieces that must be cast for that, and fillings of a mould, before mixes are made alike. */
  readonly neededPieces: number;
  readonly neededFills: number;
  /** A pot that it is held in opens no sooner, min; 0 without one. */
  readonly heldMin: number;
  /** Pieces that are cast, rejects among them. */
  readonly cast: number;
  readonly rhythm: Rhythm;
  readonly mixes: number;
  /** Moulds that one mix fills in its pot life, at the most; undefined where nothing tells. */
  readonly mostPerMix: number | undefined;
  readonly potLifeMin: number | undefined;
  /** Figures that nobody said: usual ones, or of label and card. */
  readonly assumed: readonly ('mix' | 'pour' | 'demould' | 'handling' | 'rejects')[];
}

/** Taking out, looking it over, cleaning, release. General practice. */
const usualHandlingMin = 5;
/** Weighing two parts. General practice. */
const weighMin = 1;
/** A demoulding time where neither label nor person says one, min. Assumed. */
const usualDemouldMin = 60;

const minutesOf = (typed: string | undefined): number | undefined =>
  typed === undefined ? undefined : readQuantity(typed, timeRule).value;

/** Cavities of one mould: of its card, or as the person counts them. */
function cavitiesOf(part: Part, { cavities }: Run, said: JobPour): number {
  if (cavities !== undefined) return cavities;
  // Round so many of them its mould was poured.
  if (castInBoxOf(said) !== undefined) return said.mouldBefore?.pieces ?? 1;
  if (part.shape !== 'mould') return 1;
  const chosen =
    part.cavity === undefined
      ? part.mould.cavities
      : part.mould.cavities.slice(part.cavity - 1, part.cavity);
  return chosen.reduce((sum, { count = 1 }) => sum + (part.cavity === undefined ? count : 1), 0);
}

/** Whether a part is a mould with all of its cavities, and not one cavity of several alike. */
export const isWholeMould = (part: Part): boolean =>
  part.shape === 'mould' && part.cavity === undefined;

/** What one mould holds, ml. */
const mouldMlOf = (part: Part, cavities: number, said: JobPour, resin: ReadResin): number =>
  measurePart(part, readingOf(said, resin)).solid.volumeMl * (isWholeMould(part) ? 1 : cavities);

/**
 * The shape of a run.
 * @param part the one mould that all of them are like: its own count is of no matter
 * @throws InputError `pot-life-under-mould`, `more-than-moulds`, told from the pour
 */
export function runShape(
  run: Run,
  part: Part,
  said: JobPour,
  card: Resin,
  resin: ReadResin,
): RunShape {
  return within('run', () => {
    const roomC = readQuantity(said.room.temperature, roomTemperatureRule).value;
    const { stirMin, pourMlPerMin } = workingOf(said.mixing, card.family, resin);
    const cavities = cavitiesOf(part, run, said);
    const [mix, pour] = [minutesOf(run.mix), minutesOf(run.pour)];
    const mixMin = mix ?? weighMin + stirMin;
    const pourMin = pour ?? mouldMlOf(part, cavities, said, resin) / pourMlPerMin;
    const label = resin.times.demould && timeAtMin(resin.times.demould, roomC);
    const demould = minutesOf(run.demould);
    // Under pressure it is closed in before, and comes out when the pot is opened.
    const { pressure } = said;
    const [closingMin, holdMin] = [
      minutesOf(pressure?.closing) ?? 0,
      minutesOf(pressure?.hold) ?? 0,
    ];
    const moulds = run.moulds ?? 1;
    const potLifeMin = resin.potLife && timeAtMin(resin.potLife, roomC);
    // The clock of the pot runs from when the parts meet: weighing is before that.
    const stirredMin = mix ?? stirMin;
    const mostPerMix =
      potLifeMin === undefined ? undefined : Math.floor((potLifeMin - stirredMin) / pourMin + 1e-9);
    if (mostPerMix !== undefined && mostPerMix < 1) {
      throw new InputError(
        'pot-life-under-mould',
        run.pour,
        { potLifeMin: potLifeMin!, mixMin: stirredMin, pourMin },
        'pour',
      );
    }
    if (run.perMix !== undefined && run.perMix > moulds) {
      throw new InputError('more-than-moulds', run.perMix, { moulds }, 'perMix');
    }
    if (run.perMix !== undefined && mostPerMix !== undefined && run.perMix > mostPerMix) {
      throw new InputError(
        'pot-life-under-mix',
        run.perMix,
        { potLifeMin: potLifeMin!, perMix: run.perMix, mostPerMix },
        'perMix',
      );
    }
    const rejectShare =
      run.rejects === undefined ? 0 : readQuantity(run.rejects, overageRule).value;
    if (rejectShare >= 1) throw new InputError('all-rejects', run.rejects, {}, 'rejects');
    const neededPieces = roundUpWhole(run.pieces / (1 - rejectShare));
    const needed = Math.ceil(neededPieces / cavities);
    const at = (perMix: number): Rhythm => ({
      // Every mix is the same: what it is more than wanted is there for rejects.
      fills: Math.ceil(needed / perMix) * perMix,
      moulds,
      perMix,
      mixMin: mixMin + closingMin,
      pourMin,
      demouldMin: Math.max(demould ?? label ?? usualDemouldMin, holdMin),
      handlingMin: minutesOf(run.handling) ?? usualHandlingMin,
      hands: run.hands ?? 1,
      inPot: pressure !== undefined,
    });
    const most = Math.min(moulds, mostPerMix ?? moulds, needed);
    const choices =
      run.perMix === undefined
        ? Array.from({ length: most }, (_, each) => at(each + 1))
        : [at(run.perMix)];
    const rhythm = choices.reduce((best, each) => (roughMin(each) < roughMin(best) ? each : best));
    return {
      wanted: run.pieces,
      rejectShare,
      neededPieces,
      neededFills: needed,
      heldMin: holdMin,
      cavities,
      cast: rhythm.fills * cavities,
      rhythm,
      mixes: rhythm.fills / rhythm.perMix,
      mostPerMix,
      potLifeMin,
      assumed: [
        ...(mix === undefined ? (['mix'] as const) : []),
        ...(pour === undefined ? (['pour'] as const) : []),
        ...(demould === undefined ? (['demould'] as const) : []),
        ...(run.handling === undefined ? (['handling'] as const) : []),
        ...(run.rejects === undefined ? (['rejects'] as const) : []),
      ],
    };
  });
}
