import type { ResolvedPour } from '../../job/resolveJob';
import type { LayerVolume } from '../../layers/splitAtHeights';
import { within } from '../../measure/within';
import { dilutedBy } from '../../mix/fillers/dilutedBy';
import type { MixedFiller } from '../../mix/fillers/readFillers';
import { InputError, type Problem } from '../../problem';
import { hasHeat } from '../../resin/families';
import { curingOf } from '../../thermal/calibrate';
import type { PourPlan } from '../planTypes';
import type { PouredForm } from '../pouredForm';
import type { BelowPour } from './belowPour';
import { bodiesOf } from './bodiesOf';
import { calibrationOf, type KeptCalibrations } from './calibrationOf';
import { formHeat, type FormHeat } from './formHeat';
import { withBelow } from './heatDepth';
import { refuseTooDeep } from './heatSetting';
import { heatPlaceOf } from './heatPlace';
import type { HeatForm } from './heatShapeOf';
import { layerAt, peakUpToC, withShortBelow, type CurePlace } from './layerCures';
import { layerClock, type LayerClock } from './layerClock';
import { marksOf } from './marksOf';
import { resinTypedC } from './roomOf';
import { paced } from './paced';

/** What the clock of a pour is worked out with. */
export interface ClockQuestion {
  readonly kept: KeptCalibrations | undefined;
  /** What earlier pours left under it in a part of this depth, mm over the floor of the form. */
  readonly below: (partDepthMm: number) => readonly BelowPour[];
  /** Of the mix with the least of them: it gets hottest. */
  readonly fillers: readonly Pick<MixedFiller, 'kind' | 'share' | 'grainGPerMl'>[];
  readonly layers: readonly LayerVolume[];
  /** Of the room, for times of the label. */
  readonly roomC: number;
}

/** When each layer of a pour is poured and what becomes of it, and why no model could be asked where none could. */
export interface PourClock extends LayerClock {
  readonly formHeat: FormHeat | undefined;
  readonly problem: Problem | undefined;
}

interface FoundPlace {
  readonly place: CurePlace;
  readonly part: number;
  readonly form: HeatForm;
  readonly formBearsC: number | undefined;
}

/** @throws InputError those of `heatPlaceOf` and `calibrationOf`, `too-deep-for-heat` */
function placeOf(
  { said, card, resin }: ResolvedPour,
  { parts, whole, fromMm }: PouredForm,
  { kept, below, fillers }: Pick<ClockQuestion, 'kept' | 'below' | 'fillers'>,
): FoundPlace | undefined {
  const { family } = card;
  if (!hasHeat(family)) return undefined;
  const found = heatPlaceOf(said, parts, whole.parts);
  if (found === undefined) return undefined;
  const { depthMm } = found.form;
  refuseTooDeep(depthMm);
  const label = curingOf(
    family,
    within('resin', () => calibrationOf(family, resin, kept)),
  );
  return {
    part: found.part,
    form: found.form,
    formBearsC: found.formBearsC,
    place: withShortBelow({
      setting: withBelow(found.setting, below(fromMm + depthMm)),
      family,
      curing: dilutedBy(paced(label, resin), fillers),
      marks: marksOf(family, label, resin),
      resinTypedC: resinTypedC(said),
    }),
  };
}

/**
 * How hot a pour gets when its first layer is poured on what lies below.
 * @param layers as planned, told over the floor of the form
 * @returns °C; undefined where no model follows it
 */
export function firstPeakC(
  pour: ResolvedPour,
  form: PouredForm,
  { layers, fillers = [] }: Pick<PourPlan, 'layers' | 'fillers'>,
  kept: KeptCalibrations | undefined,
  below: ClockQuestion['below'],
): number | undefined {
  const found = placeOf(pour, form, { kept, below, fillers });
  if (found === undefined) return undefined;
  const [first] = bodiesOf(form.whole, found.part, found.form, layers, form.fromMm);
  return first && peakUpToC(found.place, [layerAt(found.place, first, 0)]);
}

/** Where no model can be asked, the label alone tells. */
export function pourClock(
  pour: ResolvedPour,
  form: PouredForm,
  question: ClockQuestion,
): PourClock {
  const { layers, roomC } = question;
  const asked = pour.said.layers?.joint;
  const clockOf = (found: FoundPlace | undefined): Omit<PourClock, 'problem'> => {
    const bodies = found === undefined ? [] : bodiesOf(form.whole, found.part, found.form, layers);
    const clock = layerClock(found?.place, bodies, layers.length, asked, pour.resin, roomC);
    return {
      ...clock,
      formHeat: found && formHeat(found.place, found.formBearsC, clock.followed, clock.cures),
    };
  };
  try {
    return { ...clockOf(placeOf(pour, form, question)), problem: undefined };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ...clockOf(undefined), problem: error };
  }
}
