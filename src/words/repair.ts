import type { Repair, RepairHindrance, Repairs } from '../core/repair/repairs';
import { formatPlain } from '../core/quantity/format';
import { roundUpWhole } from '../core/quantity/round';
import { sayHeight } from './figures';
import { sayRoughly } from './rough';

/** Tenths of a millilitre, and hundredths under one: a repair is a few drops. */
const saySmall = (ml: number): string => `${formatPlain(ml, ml < 1 ? 2 : 1)}\u00a0ml`;

/** What all holes take: 0.25 ml, about 9 drops. */
export const sayRepairVolume = ({ ml, drops }: Repairs): string =>
  `${saySmall(ml)}, about ${formatPlain(roundUpWhole(drops), 0)} drops`;

const hindrances = (hindrance: RepairHindrance): string => {
  switch (hindrance.code) {
    case 'too-thin':
      return `stays soft under ${sayHeight(hindrance.leastMm)}`;
    case 'too-deep':
      return `cracks and whitens deeper than ${sayHeight(hindrance.mostMm)}`;
    case 'no-times':
      return 'its card gives no times';
  }
};

/** How it is laid in, kind by kind. */
const howWords: Readonly<Record<Repair['kind'], string>> = {
  'super-glue': 'Glue, then a breath of activator from afar: too near, it whitens.',
  uv: 'Under the lamp, layer by layer. Colour stops the light.',
  epoxy: 'Warm it, let it creep in, a little proud. Too small a mix is hard to weigh: mix more.',
  polyurethane: 'Quickly, and bone dry: damp foams it.',
  polyester: 'A little proud; it shrinks.',
};

/** One way: what, how long in all, how. */
export const sayRepair = (
  repair: Repair,
): { readonly name: string; readonly time: string; readonly how: string } => {
  const { layers, layerMm, totalMin, hindrance, kind } = repair;
  const cut =
    layers === 1 ? 'at one go' : `${layers} layers of ${sayHeight(layerMm)}, each hard first`;
  return {
    name: repair.name,
    time:
      hindrance !== undefined
        ? hindrances(hindrance)
        : totalMin === undefined
          ? ''
          : sayRoughly(totalMin),
    how:
      hindrance === undefined ? `${cut[0]!.toUpperCase()}${cut.slice(1)}. ${howWords[kind]}` : '',
  };
};

export const repairByNames = { size: 'Measured', drops: 'Drops that fill one' } as const;
