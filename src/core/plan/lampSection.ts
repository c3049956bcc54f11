import type { LampSection, LitLayer, Shade } from './familySections';
import type { PigmentKind } from '../colour/pigmentKinds';
import type { JobPour } from '../job/jobPour';
import type { ResolvedPour } from '../job/resolveJob';
import { gelDoseMJPerCm2, layerDepthMm, layerDoseMJPerCm2 } from '../lamp/cureDepth';
import { lampOf, type Lamp } from '../lamp/lampOf';
import type { Opacity } from '../lamp/uvSchema';
import type { MeasuredWhole } from '../measure/measureWhole';
import { roundUpWhole } from '../quantity/round';
import { isOver } from '../quantity/tolerance';
import { familyOf } from '../resin/families';
import type { PlannedLayer, Warning } from './planTypes';

/** A minute or so, then in steps; longer than three minutes at a stretch warms it and the lamp. */
const [firstS, stepS, longestS] = [60, 30, 180];

/** What a colour lets through, by what it is made of: dyes and inks are clear, powders glitter, pastes cover. */
const opacityOfKind = (kind: PigmentKind): Opacity =>
  kind === 'dye' || kind === 'alcohol-ink' ? 'tinted' : kind === 'powder' ? 'strong' : 'opaque';

const byOpacity: readonly Opacity[] = ['clear', 'tinted', 'strong', 'opaque'];

/** The most opaque of its colours. */
function opacityOfColours({ tint, portions }: JobPour): Opacity {
  const kinds = [
    ...(tint === undefined
      ? []
      : [tint.opaque === true ? ('opaque' as const) : opacityOfKind(tint.kind ?? 'powder')]),
    ...(portions ?? []).flatMap(({ pigments }) =>
      (pigments ?? []).map(({ kind, opaque }) =>
        opaque === true ? ('opaque' as const) : opacityOfKind(kind),
      ),
    ),
  ];
  return kinds.reduce<Opacity>(
    (most, each) => (byOpacity.indexOf(each) > byOpacity.indexOf(most) ? each : most),
    'clear',
  );
}

const isLit = ({ card }: Pick<ResolvedPour, 'card'>): boolean =>
  familyOf(card.family).kind === 'uv';

function lampOfPour({ said, card }: Pick<ResolvedPour, 'said' | 'card'>): Lamp {
  const coloured = opacityOfColours(said);
  const opacity = said.uv?.opacity ?? (card.clarity === 'opaque' ? 'opaque' : coloured);
  return lampOf(said.uv, card, opacity);
}

/** A lamp that nobody knows anything of limits nothing: the label does. */
const deepestOf = ({ coloured, intensityMWPerCm2, by }: Lamp): number | undefined =>
  by === 'usual' ? undefined : coloured && layerDepthMm(intensityMWPerCm2 * longestS, coloured);

/**
 * How deep the lamp lets a layer be, where the job says one: jobs of before there was a lamp in them are cut by their label.
 * @returns mm; undefined for other resins, and where no light gets through, which no number of layers mends
 */
export const lampDepthMm = (pour: Pick<ResolvedPour, 'said' | 'card'>): number | undefined =>
  isLit(pour) && pour.said.uv !== undefined ? deepestOf(lampOfPour(pour)) : undefined;

/** How long a layer is under the lamp. */
function litLayer(lamp: Lamp, depthMm: number, layer: number): readonly LitLayer[] {
  const { coloured, intensityMWPerCm2 } = lamp;
  if (coloured === undefined) return [];
  const gelDose = gelDoseMJPerCm2(depthMm, coloured);
  const dose = layerDoseMJPerCm2(depthMm, coloured);
  const timeS = dose / intensityMWPerCm2;
  return [
    {
      layer,
      depthMm,
      gelDoseMJPerCm2: gelDose,
      gelS: gelDose / intensityMWPerCm2,
      doseMJPerCm2: dose,
      timeS,
      firstS: Math.min(firstS, timeS),
      steps: isOver(timeS, firstS) ? roundUpWhole((timeS - firstS) / stepS) : 0,
    },
  ];
}

/** What throws a shade: opaque colour and grains everywhere, an insert on what lies under it. */
function shadesOf(
  { said, card }: ResolvedPour,
  lamp: Lamp,
  whole: MeasuredWhole,
): readonly Shade[] {
  const over = whole.inserts.filter(({ heightMm }) => heightMm > 0);
  const fillers = [
    ...(said.fillers ?? []),
    ...(said.portions ?? []).flatMap((portion) => portion.fillers ?? []),
  ];
  return [
    ...(lamp.coloured !== undefined
      ? []
      : [
          card.clarity === 'opaque' && said.uv?.opacity === undefined
            ? ({ by: 'card', names: [card.name] } as const)
            : ({ by: 'colour', names: [] } as const),
        ]),
    ...(fillers.length === 0
      ? []
      : [{ by: 'fillers', names: fillers.map(({ name, kind }) => name?.trim() || kind) } as const]),
    ...(over.length === 0
      ? []
      : [{ by: 'inserts', names: over.map(({ name, shape }) => name ?? shape) } as const]),
  ];
}

/** How a pour is set by its lamp; undefined for what no lamp sets. */
export function lampSection(
  pour: ResolvedPour,
  layers: readonly Pick<PlannedLayer, 'fromMm' | 'toMm'>[],
  whole: MeasuredWhole,
): LampSection | undefined {
  if (!isLit(pour)) return undefined;
  const lamp = lampOfPour(pour);
  const lit = layers.flatMap(({ fromMm, toMm }, at) =>
    fromMm === undefined || toMm === undefined ? [] : litLayer(lamp, toMm - fromMm, at + 1),
  );
  return {
    lamp,
    opacityBy: pour.said.uv?.opacity === undefined ? 'colours' : 'said',
    isSaid: pour.said.uv !== undefined,
    deepestMm: deepestOf(lamp),
    longestS,
    stepS,
    layers: lit,
    totalS: lit.reduce((sum, { firstS: first, steps }) => sum + first + steps * stepS, 0),
    shades: shadesOf(pour, lamp, whole),
  };
}

/** Tells what light does not get through, and what is too deep for it. */
export function lampWarnings(section: LampSection | undefined, name: string): Warning[] {
  if (section?.isSaid !== true) return [];
  const { deepestMm, layers, shades, longestS: longest } = section;
  const tooDeep = layers.find(({ timeS }) => isOver(timeS, longest));
  return [
    ...shades.map((shade): Warning => ({
      code: 'light-blocked',
      severity: 'warn',
      data: { name, by: shade.by, names: shade.names },
    })),
    ...(tooDeep === undefined || deepestMm === undefined
      ? []
      : [
          {
            code: 'deeper-than-light',
            severity: 'warn',
            data: {
              name,
              layer: tooDeep.layer,
              layers: layers.length,
              depthMm: tooDeep.depthMm,
              lightMm: deepestMm,
              timeS: tooDeep.timeS,
            },
          } as const,
        ]),
  ];
}
