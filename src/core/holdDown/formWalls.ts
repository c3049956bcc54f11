import type { ResolvedJob } from '../job/resolveJob';
import type { MeasuredPart } from '../measure/measureWhole';
import type { PartShape } from '../measure/parts/partSchema';
import { pouredForms } from '../plan/pouredForm';
import type { Plan } from '../plan/planTypes';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule } from '../quantity/rules';
import { usualBoard, type SolidKind } from '../thermal/solids';
import { boards, bowMm, forceNPerM, greatestBowMm, pressurePa, spanForBowMm } from './formWall';

/** The longest wall of a form, as one layer pushes on it. */
export interface FormWall {
  /** The part that it is of, by its place in the form. */
  readonly part: number;
  readonly name: string | undefined;
  readonly shape: PartShape;
  readonly lengthMm: number;
  /** Of the deepest layer that stands on it: what has set below does not push. */
  readonly depthMm: number;
  readonly pressurePa: number;
  readonly forceNPerM: number;
  readonly board: SolidKind;
  readonly thicknessMm: number;
  readonly boardAssumed: boolean;
  /** Between braces, or from corner to corner. */
  readonly spanMm: number;
  /** Undefined for what is no board. */
  readonly bowMm: number | undefined;
  /** By the next morning: some boards creep. */
  readonly bowOvernightMm: number | undefined;
  /** So far apart, braces keep it under half a millimetre overnight; undefined where it is as it stands. */
  readonly braceEveryMm: number | undefined;
  readonly braces: number | undefined;
}

/** Shapes with straight walls of boards: round ones do not bow, and what is traced is a hollow in something else. */
const straight: ReadonlySet<PartShape> = new Set([
  'box',
  'rounded-rectangle',
  'triangle',
  'channel',
  'pyramid',
]);

/** The longer side of a rectangle of its level area and its width. */
function longestMm({ outline }: MeasuredPart, areaMm2: number): number {
  const widthMm = Math.max(0, ...outline.map((each) => each.widthMm));
  return widthMm === 0 ? 0 : Math.max(widthMm, areaMm2 / widthMm);
}

/** What is shorter is cast in a mould, or stiff in any board. */
const leastWallMm = 200;

/** Braces are set to a centimetre. */
const braceStepMm = 10;

function boardOf({ pours, job }: ResolvedJob, { shape }: MeasuredPart) {
  const said =
    job.form?.board ??
    // At a channel the sides of the heat step are the timber, not the boards round it.
    (shape === 'channel' ? undefined : pours[0]?.said.heat?.side);
  return said === undefined
    ? { board: usualBoard.kind, thicknessMm: usualBoard.thicknessM * 1000, boardAssumed: true }
    : {
        board: said.material,
        thicknessMm: readQuantity(said.thickness, lengthRule).value,
        boardAssumed: false,
      };
}

/**
 * What the resin does to the longest wall of each part of the form.
 * @throws InputError those of `pouredForms`
 */
export function formWalls(resolved: ResolvedJob, { pours }: Plan): readonly FormWall[] {
  const whole = pouredForms(resolved).find(({ form }) => form !== undefined)?.form;
  const fills = pours.filter(({ kind }) => kind === 'fills');
  if (whole === undefined) return [];
  const braces = resolved.job.form?.braces;
  return whole.parts.flatMap((part, index): readonly FormWall[] => {
    const { depthMm: rimMm } = part;
    if (rimMm === undefined || !straight.has(part.shape)) return [];
    const pushes = fills.flatMap(({ layers, resin }) =>
      layers.flatMap(({ fromMm, toMm }) =>
        fromMm === undefined || toMm === undefined || fromMm >= rimMm
          ? []
          : [{ depthMm: Math.min(toMm, rimMm) - fromMm, gPerMl: resin.mixedDensityGPerMl }],
      ),
    );
    const worst = pushes.reduce<(typeof pushes)[number] | undefined>(
      (most, each) =>
        most === undefined || each.depthMm * each.gPerMl > most.depthMm * most.gPerMl ? each : most,
      undefined,
    );
    if (worst === undefined) return [];
    const { depthMm, gPerMl } = worst;
    const { board, thicknessMm, boardAssumed } = boardOf(resolved, part);
    const { elasticGPa, overnight } = boards[board];
    const lengthMm = longestMm(part, whole.forms[index]?.solid.areaAtMm2(rimMm) ?? 0);
    if (lengthMm < leastWallMm) return [];
    const spanMm = braces === undefined ? lengthMm : readQuantity(braces, lengthRule).value;
    const pressure = pressurePa(depthMm, gPerMl);
    const bow =
      elasticGPa === undefined ? undefined : bowMm(pressure, spanMm, elasticGPa, thicknessMm);
    const isOver = bow !== undefined && bow * overnight > greatestBowMm;
    const needed =
      isOver && elasticGPa !== undefined
        ? spanForBowMm(pressure, elasticGPa, thicknessMm, greatestBowMm / overnight)
        : undefined;
    const everyMm = needed && Math.max(braceStepMm, Math.floor(needed / braceStepMm) * braceStepMm);
    return [
      {
        part: index,
        name: part.name,
        shape: part.shape,
        lengthMm,
        depthMm,
        pressurePa: pressure,
        forceNPerM: forceNPerM(depthMm, gPerMl),
        board,
        thicknessMm,
        boardAssumed,
        spanMm,
        bowMm: bow,
        bowOvernightMm: bow && bow * overnight,
        braceEveryMm: everyMm,
        braces: everyMm && Math.max(1, Math.ceil(lengthMm / everyMm) - 1),
      },
    ];
  });
}
