import { hairMm } from '../quantity/tolerance';
import type { CoveredFace } from '../job/pourChoices';
import { ofPour, type ResolvedJob, type ResolvedPour } from '../job/resolveJob';
import type { Measure } from '../job/jobSchema';
import { coverForm } from '../measure/coverForm';
import { measureWhole, type MeasuredWhole } from '../measure/measureWhole';
import type { Part } from '../measure/parts/partSchema';
import { stretchOf } from '../measure/stretchOf';
import { within } from '../measure/within';
import { castInBoxOf } from '../mouldBox/castIn';
import { boxedWhole, partTurnedOver } from '../mouldBox/boxedWhole';
import type { MouldBox } from '../mouldBox/mouldBox';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule, positionRule } from '../quantity/rules';
import { readingOf } from './readingOf';

/** What a pour goes into or onto. */
export interface PouredForm {
  readonly kind: 'fills' | 'covers' | 'own';
  /** The parts as they are typed; of a covered face, a coat of its area. */
  readonly parts: readonly Part[];
  /** The same, measured: of a fill, what lies between its heights, told from where it begins. */
  readonly whole: MeasuredWhole;
  /** Where it begins over the floor of the form; 0 for what has a measure of its own. */
  readonly fromMm: number;
  readonly toMm: number | undefined;
  readonly face: { readonly name: CoveredFace; readonly upToMm: number } | undefined;
  /** The mould that it is, where it is one round what is measured; and the one that it is cast in. */
  readonly box?: MouldBox | undefined;
  readonly castIn?: MouldBox | undefined;
}

const position = (field: string, typed: string | undefined): number | undefined =>
  typed === undefined ? undefined : within(field, () => readQuantity(typed, positionRule).value);

/**
 * What a pour fills of a form.
 * @throws InputError `fill-over-rim`, `fill-upside-down`, `fill-needs-a-form`
 */
function fillOf({ said }: ResolvedPour, measure: Measure, whole: MeasuredWhole): PouredForm {
  const { fills } = said;
  const typedFrom = position('fills.from', fills?.from);
  const typedTo = position('fills.to', fills?.to);
  const { depthMm } = whole;
  const common = { kind: 'fills', parts: measure.parts, face: undefined } as const;
  if (typedFrom === undefined && typedTo === undefined) {
    return { ...common, whole, fromMm: 0, toMm: depthMm };
  }
  const field = typedTo === undefined ? 'fills.from' : 'fills.to';
  if (depthMm === undefined || whole.parts.some((part) => part.depthMm === undefined)) {
    throw new InputError('fill-needs-a-form', fills?.to ?? fills?.from, {}, field);
  }
  const fromMm = typedFrom ?? 0;
  const toMm = typedTo ?? depthMm;
  if (Math.max(fromMm, toMm) > depthMm + hairMm) {
    const over = fromMm > depthMm + hairMm ? 'fills.from' : 'fills.to';
    throw new InputError('fill-over-rim', Math.max(fromMm, toMm), { rimMm: depthMm }, over);
  }
  if (!(fromMm < toMm - hairMm)) {
    throw new InputError('fill-upside-down', fromMm, { fromMm, toMm }, field);
  }
  const isWhole = fromMm === 0 && toMm >= depthMm - hairMm;
  return { ...common, whole: isWhole ? whole : stretchOf(whole, fromMm, toMm), fromMm, toMm };
}

/** @throws InputError those of `coverForm`, `height-over-rim` */
function coverOf({ said }: ResolvedPour, whole: MeasuredWhole): PouredForm {
  const { covers } = said;
  if (covers === undefined) throw new RangeError('this pour covers no face');
  const thicknessMm = readQuantity(covers.thickness, lengthRule).value;
  const typedMm = position('covers.upTo', covers.upTo);
  const { depthMm } = whole;
  if (typedMm !== undefined && depthMm !== undefined && typedMm > depthMm + hairMm) {
    throw new InputError('height-over-rim', covers.upTo, { rimMm: depthMm }, 'covers.upTo');
  }
  const upToMm = typedMm ?? depthMm ?? 0;
  const { part, whole: covered } = within('covers', () =>
    coverForm(whole, covers.face, upToMm, thicknessMm),
  );
  return {
    kind: 'covers',
    parts: [part],
    whole: covered,
    fromMm: 0,
    toMm: covered.depthMm,
    face: { name: covers.face, upToMm },
  };
}

/** What a pour is measured by: what it goes into, and the job's whole form where it is of that. */
export interface FormOfPour {
  readonly poured: PouredForm;
  readonly form: MeasuredWhole | undefined;
}

/**
 * What each pour of a job goes into or onto. The form of the job is measured once, but for known masses: those are another
 * volume with each resin.
 * @throws InputError those of `measureWhole`, `fillOf`, `coverOf`; `pour-without-form` where neither the pour nor the job is measured
 */
export function pouredForms(resolved: ResolvedJob): readonly FormOfPour[] {
  const known = measured.get(resolved);
  if (known !== undefined) return known;
  const forms = formsOf(resolved);
  measured.set(resolved, forms);
  return forms;
}

/** Planning and heat ask for the forms of the same job, one after the other. */
const measured = new WeakMap<ResolvedJob, readonly FormOfPour[]>();

/** What has a measure of its own, or is poured round one. */
const ownForm = ({ parts }: Measure, whole: MeasuredWhole): PouredForm => ({
  kind: 'own',
  parts,
  whole,
  fromMm: 0,
  toMm: whole.depthMm,
  face: undefined,
});

/** Moulds that castings of the job go round with, where that is said. */
const runMoulds = (pours: readonly ResolvedPour[]): number | undefined =>
  pours.find(({ said }) => said.run !== undefined && castInBoxOf(said) !== undefined)?.said.run
    ?.moulds;

function formsOf({ pours, job }: ResolvedJob): readonly FormOfPour[] {
  const byMass = job.measure?.parts.some(({ shape }) => shape === 'amount') === true;
  let once: MeasuredWhole | undefined;
  let made: MouldBox | undefined;
  return pours.map((pour): FormOfPour =>
    ofPour(job.pours[pour.index]!, pour.index, () => {
      const { said, resin } = pour;
      const reading = readingOf(said, resin);
      const own = job.pours[pour.index]?.measure;
      const { measure } = said;
      if (measure === undefined || measure.parts.length === 0) {
        throw new InputError('pour-without-form', undefined, {}, 'measure');
      }
      if (said.mouldBox !== undefined) {
        const { whole, box } = boxedWhole(said.mouldBox, measure, reading, runMoulds(pours));
        made = box;
        once = undefined;
        return { poured: { ...ownForm(measure, whole), box }, form: undefined };
      }
      const castIn = castInBoxOf(said) === undefined ? undefined : made;
      // Out of a mould that was turned over, a piece is poured the other way up.
      const as = made?.castTurned === true && castIn !== undefined ? partTurnedOver : undefined;
      if (own !== undefined) {
        const whole = measureWhole(own, reading, as);
        return { poured: { ...ownForm(own, whole), castIn }, form: undefined };
      }
      const form = (byMass ? undefined : once) ?? measureWhole(measure, reading, as);
      once = form;
      const poured = said.covers === undefined ? fillOf(pour, measure, form) : coverOf(pour, form);
      return { poured: { ...poured, castIn }, form };
    }),
  );
}

/** Two heights between which nothing is poured. */
export interface Gap {
  readonly fromMm: number;
  readonly toMm: number;
}

/**
 * Holds the fills of a job against each other: a later one lies higher, and none of them takes what another fills.
 * @returns gaps between them, rising
 * @throws InputError `fills-overlap` with both heights, `fill-under-earlier`
 */
export function gapsBetween(forms: readonly FormOfPour[]): readonly Gap[] {
  const fills = forms.flatMap(({ poured }, index) =>
    poured.kind === 'fills'
      ? [{ index, fromMm: poured.fromMm, toMm: poured.toMm ?? Infinity }]
      : [],
  );
  const gaps: Gap[] = [];
  fills.forEach((fill, at) => {
    for (const earlier of fills.slice(0, at)) {
      if (fill.fromMm < earlier.toMm - hairMm && earlier.fromMm < fill.toMm - hairMm) {
        throw new InputError(
          'fills-overlap',
          fill.fromMm,
          {
            other: earlier.index + 1,
            otherFromMm: earlier.fromMm,
            otherToMm: told(earlier.toMm),
            fromMm: fill.fromMm,
            toMm: told(fill.toMm),
          },
          `pours[${fill.index}].fills`,
        );
      }
      if (fill.toMm <= earlier.fromMm + hairMm) {
        throw new InputError(
          'fill-under-earlier',
          fill.toMm,
          { other: earlier.index + 1, otherFromMm: earlier.fromMm },
          `pours[${fill.index}].fills`,
        );
      }
    }
    const reachedMm = fills[at - 1]?.toMm ?? 0;
    if (fill.fromMm > reachedMm + hairMm) gaps.push({ fromMm: reachedMm, toMm: fill.fromMm });
  });
  return gaps;
}

/** What has no form has no rim either. */
const told = (heightMm: number): number | undefined =>
  Number.isFinite(heightMm) ? heightMm : undefined;
