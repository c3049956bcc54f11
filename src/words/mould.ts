import type { BoxKind } from '../core/mouldBox/mouldBoxSchema';
import type { MouldBox } from '../core/mouldBox/mouldBox';
import type { MasterMaterialName, Remedy } from '../core/mouldBox/masterMaterials';
import type { LocalTop } from '../core/measure/mesh/localTops';
import type { MouldSection, PoisonCheck } from '../core/plan/familySections';
import { formatPlain } from '../core/quantity/format';
import { roundUpWhole } from '../core/quantity/round';
import {
  capital,
  sayArea,
  sayDegrees,
  sayG,
  sayHeight,
  sayMl,
  sayMm,
  sayMoney,
  sayPercent,
} from './figures';
import { sayRoughly } from './rough';

const counted = (count: number, one: string, several = `${one}s`): string =>
  count === 1 ? `one ${one}` : `${formatPlain(count, 0)} ${several}`;

/** Small amounts of air and scrap, which whole millilitres would hide. */
const saySmallMl = (ml: number): string =>
  ml < 10 ? `${formatPlain(ml, ml < 0.1 ? 2 : 1)}\u00a0ml` : sayMl(ml);

export const boxKindNames: Readonly<Record<BoxKind, string>> = {
  boards: 'Boards',
  tube: 'Tube',
  bricks: 'Bricks',
  sizes: 'A box that is there',
};

export const masterMaterialWords: Readonly<Record<MasterMaterialName, string>> = {
  'sealed-timber': 'Sealed or varnished timber',
  'bare-timber': 'Bare timber',
  metal: 'Metal',
  glass: 'Glass or glazed',
  plaster: 'Plaster or stone',
  wax: 'Wax',
  plastic: 'Hard plastic',
  'filament-print': 'Print of filament',
  'resin-print': 'Print of resin',
  epoxy: 'Cast epoxy',
  polyurethane: 'Cast polyurethane',
  polyester: 'Cast polyester',
  'sulphur-clay': 'Modelling clay with sulphur',
  'clean-clay': 'Modelling clay without sulphur',
  'water-clay': 'Water clay',
  latex: 'Latex or rubber',
  'tin-silicone': 'Silicone, tin cure',
  'platinum-silicone': 'Silicone, platinum cure',
  natural: 'A find: shell, bone, leaf, leather',
};

export const remedyWords: Readonly<Record<Remedy, string>> = {
  lacquer: 'Two thin coats of acrylic lacquer over all of it, dry to the nose, then release agent',
  bake: 'Wash it, cure it again under the lamp on all sides, keep it at 60 °C for some hours, then two thin coats of acrylic lacquer',
  'other-clay':
    'Take a clay that is free of sulphur; lacquer helps little, for sulphur creeps through',
  'air-out': 'Let it cure and air out for a week in a warm place, then lacquer it',
  'release-well': 'Rubber sticks to it as to itself: release agent on all of it, twice',
};

const onWhat = { master: 'the piece', clay: 'the clay bed' } as const;

/** Sides of a box, or the diameter of a tube. */
export const sayBoxSize = ({ made, heightMm }: Pick<MouldBox, 'made' | 'heightMm'>): string =>
  made.kind === 'tube'
    ? `${sayMm(made.lengthMm)} across, ${sayMm(tidy(heightMm))} high`
    : `${formatPlain(tidy(made.lengthMm), 1)} × ${formatPlain(tidy(made.widthMm), 1)} × ${sayMm(tidy(heightMm))}`;

/** To a tenth, upwards: a box that is cut too low lets rubber over. */
const tidy = (mm: number): number => roundUpWhole(mm * 10) / 10;

/** How many moulds, how large their box is, and how a piece stands in it. */
export function sayBox(section: MouldSection): string {
  const turn = sayTurn(section);
  const box = section.count === 1 ? 'Box' : `${section.count} moulds, each`;
  return `${box} ${sayBoxSize(section)} inside${turn === undefined ? '' : `, ${turn}`}.`;
}

/** What is poured for all moulds together. */
export const sayMouldFigure = ({ rubberMl, rubberG, count }: MouldSection): string =>
  `${sayMl(rubberMl * count)} · ${sayG(rubberG * count)}`;

/** A kind of box with its rubber and, against the best of them, what more it costs. */
export function sayBoxOption(
  option: MouldSection['options'][number],
  best: MouldSection['options'][number],
  heightMm: number,
  currency: string,
): readonly [label: string, value: string, also: string] {
  const moreMl = option.rubberMl - best.rubberMl;
  const more =
    option.cost === undefined || best.cost === undefined ? undefined : option.cost - best.cost;
  const price = option.cost === undefined ? '' : ` · ${sayMoney(option.cost, currency)}`;
  return [
    `${boxKindNames[option.kind]}, ${sayBoxSize({ made: option, heightMm })}`,
    `${sayMl(option.rubberMl)}${price}`,
    option === best
      ? 'the least rubber of what is at hand'
      : `${sayMl(moreMl)}${more === undefined ? '' : `, ${sayMoney(more, currency)}`} more`,
  ];
}

/** Where the thinnest rubber is. */
export function sayThinnest({ made, wallMm, wallTyped, baseMm, topMm }: MouldSection): string {
  const { thinnestMm, thinnestAtMm } = made;
  const wanted = `${wallTyped ? '' : 'The usual '}${sayMm(wallMm)} ${wallTyped ? 'wanted ' : ''}beside it`;
  if (thinnestMm === undefined) {
    return 'How thick the walls are nobody can tell: say how large the piece is.';
  }
  const at = thinnestAtMm === undefined ? '' : `, ${sayMm(Math.round(thinnestAtMm))} up the piece`;
  const told = [
    ...(topMm === undefined ? [] : [`${sayHeight(topMm)} over it`]),
    baseMm === 0 ? 'its face lies on the board' : `${sayHeight(baseMm)} under it`,
  ];
  return `${wanted}; the thinnest is ${sayHeight(thinnestMm)}${at}. ${capital(told.join(', '))}.`;
}

/** How a piece is turned in its box. */
function sayTurn({ made, pieces }: MouldSection): string | undefined {
  const rows =
    pieces === 1
      ? undefined
      : `${pieces} pieces in ${counted(made.rows, 'row')} of ${made.columns}`;
  const turned =
    made.kind === 'tube' || made.turnDeg < 0.5 || made.turnDeg > 179.5
      ? undefined
      : `turned ${formatPlain(made.turnDeg, 0)}° from how it was measured`;
  const told = [rows, turned].filter((each) => each !== undefined);
  return told.length === 0 ? undefined : told.join(', ');
}

/** Where one vent goes: its place over the middle of the piece's file, how far it rises, and the air that it lets out. */
export const sayTop = ({ x, y, z, risesMm = 0, holdsMl = 0 }: LocalTop): string =>
  `at ${formatPlain(x, 0)}, ${formatPlain(y, 0)}\u00a0mm, ${sayMm(Math.round(z))} up: ${saySmallMl(holdsMl)} of air in ${sayHeight(risesMm)}`;

/** Ways in and out. */
export function sayOpenings({ spout, vents, tops, isOpen, castTurned }: MouldSection): string {
  const way = isOpen
    ? 'Its open face is the way in'
    : spout === undefined
      ? 'Nothing leads in yet'
      : `A spout ${sayMm(spout.diameterMm)} across, ${saySmallMl(spout.ml)} of scrap a filling`;
  const turned = castTurned ? ', once the mould is turned over' : '';
  const air =
    vents !== undefined
      ? `${counted(vents.count, 'vent')} of ${sayMm(vents.diameterMm)} where air would stay`
      : tops === undefined
        ? 'Where air would stay only a mesh can tell: set vents at every end that points up'
        : tops.length > 0
          ? `${counted(tops.length, 'small pocket')} would keep a bubble: rock the mould as it fills`
          : 'Nowhere else would air stay';
  return `${way}${turned}. ${air}.`;
}

/** Each half, and what holds it. */
export function sayParting(section: MouldSection): string | undefined {
  const { parting, keys } = section;
  if (parting === undefined) return undefined;
  const { heightMm, lowerMl, upperMl, undercut, bestMm, isTyped } = parting;
  const held =
    undercut === undefined
      ? 'What holds it fast only a mesh can tell.'
      : undercut.mm2 < 1
        ? 'Nothing holds either half.'
        : `${sayArea(undercut.mm2)} look the wrong way, ${sayPercent(undercut.share)} of what leans: the lower half ${sayArea(undercut.lowerMm2)}, the upper ${sayArea(undercut.upperMm2)}. Rubber gives; hard castings break. Marked along the walls in the drawing.`;
  const best =
    bestMm === undefined || Math.abs(bestMm - heightMm) < 0.5
      ? isTyped || (undercut?.mm2 ?? 0) < 1
        ? ''
        : ' Nowhere would less hold.'
      : ` Least would hold ${sayHeight(bestMm)} up.`;
  const key =
    keys === undefined ? '' : ` ${counted(keys.count, 'key')} of ${sayMm(keys.diameterMm)}.`;
  return `Parts ${sayHeight(heightMm)} up the piece: ${sayMl(lowerMl)} below, ${sayMl(upperMl)} above. ${held}${best}${key}`;
}

export const zigzagWords = {
  closed: 'Nothing opens far enough for the piece',
  deep: 'It is deep for its width',
  holds: 'Much of it looks the wrong way',
} as const;

/** Why and how a mould of one part is cut. */
export const sayZigzag = ({ zigzag }: MouldSection): string | undefined =>
  zigzag === undefined
    ? undefined
    : `${zigzagWords[zigzag]}: cut the mould down one side in a zigzag, only as far as it must. The teeth find each other again; a rubber band holds it for casting.`;

/** When it may be opened, and how much sooner warm. */
export const sayOpens = ({ opensMin, opensWarmMin, warmC }: MouldSection): string | undefined =>
  opensMin === undefined || opensWarmMin === undefined
    ? undefined
    : `May be opened after ${sayRoughly(opensMin)}; at ${sayDegrees(warmC)} after ${sayRoughly(opensWarmMin)}.`;

/** What rubber comes to for one casting. */
export const sayRubberCost = (
  { cost, perCasting, lasts }: MouldSection,
  currency: string,
): string | undefined =>
  cost === undefined
    ? undefined
    : perCasting === undefined || lasts === undefined
      ? `${sayMoney(cost, currency)} of rubber a mould. Say how many castings it lasts, and each has its share.`
      : `${sayMoney(cost, currency)} of rubber a mould, ${sayMoney(perCasting, currency)} a casting over ${lasts}.`;

/** What rubber makes of what it is poured on, and what to do. */
export function sayCheck({ on, material, platinum, porous, remedy }: PoisonCheck): string {
  const name = material === undefined ? undefined : masterMaterialWords[material].toLowerCase();
  const verdict =
    name === undefined
      ? platinum === 'fine'
        ? `A tin cure minds next to nothing. Seal ${onWhat[on]} where it is porous.`
        : `Say what ${onWhat[on]} is of: a platinum cure stays sticky for ever on sulphur, latex, tin and some prints.`
      : platinum === 'poisons'
        ? `A platinum cure stays sticky on ${name}.`
        : platinum === 'test'
          ? `A platinum cure may stay sticky on ${name}: try it first.`
          : porous
            ? `Rubber holds on to the pores of ${name}.`
            : `Rubber cures on ${name}.`;
  return remedy === undefined ? verdict : `${verdict} ${remedyWords[remedy]}.`;
}

/** How the test is made. */
export const testPatchWords =
  'Stir a spoonful and lay it on a hidden place of the piece, and of the clay. Where it has cured by the time on the label it will cure; where it is sticky underneath it never will.';

/** What is warned of where its cure is spoiled. */
export const saySpoiled = ({
  on,
  material,
  remedy,
  isSure,
}: {
  readonly on: 'master' | 'clay';
  readonly material: MasterMaterialName;
  readonly remedy: Remedy | undefined;
  readonly isSure: boolean;
}): string =>
  `${masterMaterialWords[material]} ${isSure ? 'poisons' : 'may poison'} a platinum cure: rubber stays sticky on ${onWhat[on]}. ` +
  `${remedy === undefined ? '' : `${remedyWords[remedy]}. `}Try a test patch first${isSure ? ', or take a tin cure' : ''}.`;

export const halvesNames = { one: 'One part', two: 'Two halves' } as const;

export const castWayNames = {
  turned: 'With the mould turned over',
  standing: 'The same way up',
} as const;
