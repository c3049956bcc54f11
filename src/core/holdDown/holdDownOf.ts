import type { ResolvedJob } from '../job/resolveJob';
import type { MeasuredWhole } from '../measure/measureWhole';
import type { Plan } from '../plan/planTypes';
import { pouredForms } from '../plan/pouredForm';
import { readQuantity } from '../quantity/readQuantity';
import { massRule } from '../quantity/rules';
import { boards } from './formWall';
import { formWalls, type FormWall } from './formWalls';
import { heldBodies, type HeldBody } from './heldBodies';
import { slabsOf } from './slabsOf';
import { holdFactor } from './uplift';

/** From here on a load is for two people, kg. */
export const twoPeopleKg = 25;

/** What one fastener holds, kg, with care: a 4 mm screw 20 mm deep in board, a light clamp. Assumed. */
export const fastenerKg = { screw: 20, clamp: 50 } as const;

/** Fewer than two let a body turn. */
const fewest = 2;

/** So many of a kind hold it down; each way is enough by itself. */
export interface Fasteners {
  readonly screws: number;
  readonly clamps: number;
}

/** What the weights at hand come to. */
export interface WeightsInHand {
  readonly kg: number;
  /** The uplift that they hold, with the factor. */
  readonly holdsKg: number;
  readonly needKg: number;
  readonly enough: boolean;
}

/** How a job is held down, what its form bears, and what there is to lift. */
export interface HoldDown {
  readonly bodies: readonly HeldBody[];
  /** For each body, in the same order; undefined where it does not lift. */
  readonly fasteners: readonly (Fasteners | undefined)[];
  /** Of all bodies together, kg with the factor. */
  readonly holdKg: number;
  readonly inHand: WeightsInHand | undefined;
  readonly walls: readonly FormWall[];
  /** The finished piece, as far as it is known. */
  readonly pieceKg: number;
  /** Its boards, and with them the filled form; an estimate. */
  readonly boardsKg: number;
  readonly weightKg: number;
  readonly twoPeople: boolean;
  /** Bodies whose weight nobody said: neither uplift nor weight counts them. */
  readonly unknown: number;
}

/** The walls stand so much over the rim, mm. */
const freeboardMm = 10;

/** Floor and walls of boards round rectangles of the same level area and longest side. */
function boardsG({ job }: ResolvedJob, whole: MeasuredWhole, walls: readonly FormWall[]): number {
  const slabsMm2 = slabsOf(job).reduce((sum, { areaMm2, count }) => sum + areaMm2 * count, 0);
  return walls.reduce((sum, { part, lengthMm, board, thicknessMm }, index) => {
    const { solid, count } = whole.forms[part]!;
    const rimMm = solid.depthMm ?? 0;
    const cavityMm2 = solid.areaAtMm2(rimMm) + (index === 0 ? slabsMm2 / count : 0);
    const acrossMm = lengthMm === 0 ? 0 : cavityMm2 / lengthMm;
    const wallsMm2 = 2 * (lengthMm + acrossMm) * (rimMm + freeboardMm);
    const eachMm3 = (cavityMm2 + wallsMm2) * thicknessMm;
    return sum + (eachMm3 / 1000) * boards[board].densityGPerMl * count;
  }, 0);
}

/** How many of each hold a body. */
function fastenersFor({ holdKg, netG }: HeldBody): Fasteners | undefined {
  if (!(netG > 0)) return undefined;
  const of = (eachKg: number): number => Math.max(fewest, Math.ceil(holdKg / eachKg));
  return { screws: of(fastenerKg.screw), clamps: of(fastenerKg.clamp) };
}

/**
 * What must be held down in the form of a job, how its walls bow, and what it weighs.
 * @throws InputError those of `pouredForms`
 */
export function holdDownOf(resolved: ResolvedJob, plan: Plan): HoldDown {
  const bodies = heldBodies(resolved, plan);
  const walls = formWalls(resolved, plan);
  const whole = pouredForms(resolved).find(({ form }) => form !== undefined)?.form;
  const holdKg = bodies.reduce((sum, each) => sum + each.holdKg * each.count, 0);
  const { weights } = resolved.job.form ?? {};
  const inHandKg = weights === undefined ? undefined : readQuantity(weights, massRule).value / 1000;
  const pieceKg = plan.weight.totalG / 1000;
  const boardsKg = whole === undefined ? 0 : boardsG(resolved, whole, walls) / 1000;
  const weightKg = pieceKg + boardsKg;
  return {
    bodies,
    fasteners: bodies.map(fastenersFor),
    holdKg,
    inHand:
      inHandKg === undefined
        ? undefined
        : {
            kg: inHandKg,
            holdsKg: inHandKg / holdFactor,
            needKg: holdKg,
            enough: inHandKg >= holdKg,
          },
    walls,
    pieceKg,
    boardsKg,
    weightKg,
    twoPeople: weightKg >= twoPeopleKg,
    unknown: plan.weight.unknownInserts,
  };
}
