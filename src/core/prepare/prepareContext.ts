import type { ResolvedJob, ResolvedPour } from '../job/resolveJob';
import { holdDownOf, type HoldDown } from '../holdDown/holdDownOf';
import type { Person } from '../person/person';
import type { SealedFaces, Sealing } from '../person/personSchema';
import type { Plan } from '../plan/planTypes';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule, moistureRule } from '../quantity/rules';
import { familyOf } from '../resin/families';
import { judgeMoisture, type JudgedMoisture } from './moisture';
import type { CoatedSurface } from './prepareSchema';

/** What of a job decides how it is prepared. */
export interface PrepareContext {
  readonly resolved: ResolvedJob;
  readonly plan: Plan;
  readonly person: Person;
  readonly holdDown: HoldDown;
  /** Bare timber meets resin in it. */
  readonly hasTimber: boolean;
  readonly stockMm: number;
  readonly moisture: JudgedMoisture | undefined;
  /** Boards are put together round it. */
  readonly hasForm: boolean;
  /** Castings come out of moulds that are there. */
  readonly hasMoulds: boolean;
  /** A mould of silicone is made. */
  readonly makesMould: boolean;
  readonly coats: readonly ResolvedPour[];
  readonly surface: CoatedSurface;
  /** The face is planed or sanded afterwards. */
  readonly surfaced: boolean;
  readonly sealing: Sealing;
  readonly sealedFaces: SealedFaces;
  /** A pour of the job seals its edges: then nothing else does. */
  readonly sealsByPour: boolean;
  readonly hasColour: boolean;
  readonly hasPolyurethane: boolean;
}

/** Thickness that timber is taken to have where nobody said. */
const usualStockMm = 40;

const isCoat = ({ role }: ResolvedPour): boolean => role === 'coat';

function hasTimberIn({ job, pours }: ResolvedJob): boolean {
  const measures = [job.measure, ...job.pours.map(({ measure }) => measure)];
  const parts = measures.flatMap((measure) => measure?.parts ?? []);
  const inserts = measures.flatMap((measure) => measure?.inserts ?? []);
  const { prepare, form } = job;
  return (
    parts.some(
      ({ shape }) => shape === 'channel' || shape === 'traced' || shape === 'rectangles',
    ) ||
    inserts.some(({ timber }) => timber !== undefined) ||
    (form?.slabs ?? []).length > 0 ||
    prepare?.moisture !== undefined ||
    pours.some(({ said }) => said.allowances?.soak?.surface === 'bare-timber') ||
    pours.some(({ said }) => said.heat?.side?.material === 'timber')
  );
}

/** @throws InputError those of `holdDownOf` */
export function prepareContextOf(
  resolved: ResolvedJob,
  plan: Plan,
  person: Person,
): PrepareContext {
  const { job, pours } = resolved;
  const { prepare } = job;
  const holdDown = holdDownOf(resolved, plan);
  const hasTimber = hasTimberIn(resolved);
  const stockMm =
    prepare?.stockThickness === undefined
      ? Math.max(usualStockMm, plan.form?.depthMm ?? 0)
      : readQuantity(prepare.stockThickness, lengthRule).value;
  const makesMould = pours.some(({ role }) => role === 'mould');
  const parts = plan.pours.flatMap((pour) => pour.parts);
  const fills = plan.pours.filter(({ role }) => role === 'fill');
  const hasForm =
    holdDown.walls.length > 0 && fills.length > 0 && !parts.some(({ shape }) => shape === 'mould');
  const isCast = fills.length > 0 || pours.some(({ role }) => role === 'castings');
  const isCoated = fills.length === 0 && pours.some(isCoat);
  return {
    resolved,
    plan,
    person,
    holdDown,
    hasTimber: hasTimber || (isCoated && (prepare?.surface ?? 'timber') === 'timber'),
    stockMm,
    moisture:
      prepare?.moisture === undefined
        ? undefined
        : judgeMoisture(
            readQuantity(prepare.moisture, moistureRule).value,
            stockMm,
            prepare.dried ?? 'unknown',
          ),
    hasForm,
    hasMoulds: isCast && !hasForm && (!hasTimber || parts.some(({ shape }) => shape === 'mould')),
    makesMould,
    coats: pours.filter(isCoat),
    surface: prepare?.surface ?? (isCoated ? 'timber' : 'other'),
    surfaced:
      prepare?.surfaced !== undefined
        ? prepare.surfaced === 'yes'
        : (hasTimber && fills.length > 0) ||
          pours.some(({ said }) => said.allowances?.planing !== undefined),
    sealing: prepare?.sealing ?? person.sealing,
    sealedFaces: prepare?.sealedFaces ?? person.sealedFaces,
    sealsByPour: pours.some(({ role }) => role === 'seal'),
    hasColour: plan.pours.some(
      ({ tint, portions }) =>
        tint !== undefined || portions.some(({ pigments }) => pigments.length > 0),
    ),
    hasPolyurethane: pours.some(({ card }) => familyOf(card.family).kind === 'polyurethane'),
  };
}
