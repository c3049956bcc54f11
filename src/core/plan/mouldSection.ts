import type { ResolvedPour } from '../job/resolveJob';
import { leastWallMm } from '../mouldBox/boxPlans';
import {
  masterMaterialOf,
  type MasterMaterialName,
  type PlatinumOn,
  type Remedy,
} from '../mouldBox/masterMaterials';
import type { MouldBox } from '../mouldBox/mouldBox';
import { hairMm } from '../quantity/tolerance';
import { timeAtMin } from '../resin/inRoom';
import { pricePerG } from '../stock/pricePerG';
import type { MouldSection, PoisonCheck } from './familySections';
import type { Warning } from './planTypes';

/** A warm cupboard, K over the room. */
const warmerK = 10;

/** What is known of a material under rubber of this kind. */
function checkOf(
  on: PoisonCheck['on'],
  material: MasterMaterialName | undefined,
  isPlatinum: boolean,
): PoisonCheck {
  if (material === undefined) {
    return {
      on,
      material,
      platinum: isPlatinum ? 'test' : 'fine',
      porous: false,
      remedy: undefined,
    };
  }
  const { platinum, porous, sticks, remedy } = masterMaterialOf(material);
  const verdict: PlatinumOn = isPlatinum ? platinum : 'fine';
  // What only platinum minds needs no cure under tin.
  const needed: Remedy | undefined = verdict !== 'fine' || porous || sticks ? remedy : undefined;
  return { on, material, platinum: verdict, porous, remedy: needed };
}

/**
 * What is told of a mould besides its box: what it weighs and costs, when it may be opened, and what spoils its cure.
 * @returns undefined for a pour that is no mould round a piece
 */
export function mouldSection(
  { said, card, resin }: ResolvedPour,
  box: MouldBox | undefined,
  totalMl: number,
  roomC: number,
): MouldSection | undefined {
  if (box === undefined) return undefined;
  const { slabs: _, outline: __, cut: ___, rods: ____, held: _____, ...told } = box;
  const { material, clay, lasts } = said.mouldBox ?? {};
  const isPlatinum = card.family === 'silicone-platinum';
  const opened = resin.times.demould ?? resin.times.fullCure;
  const density = resin.mixedDensityGPerMl;
  const perG = pricePerG(card, totalMl, density);
  // What is mixed for it is paid, not only what stays in the box.
  const mixedShare = totalMl / (box.rubberMl * box.count);
  const costOf = (ml: number): number | undefined => perG && perG * ml * density * mixedShare;
  const cost = costOf(box.rubberMl);
  return {
    ...told,
    options: told.options.map((option) => ({ ...option, cost: costOf(option.rubberMl) })),
    rubberG: box.rubberMl * density,
    opensMin: opened && timeAtMin(opened, roomC),
    warmC: roomC + warmerK,
    opensWarmMin: opened && timeAtMin(opened, roomC + warmerK),
    checks: [
      checkOf('master', material, isPlatinum),
      ...(box.halves === 'two' ? [checkOf('clay', clay, isPlatinum)] : []),
    ],
    isPlatinum,
    cost,
    lasts,
    perCasting: cost === undefined || lasts === undefined ? undefined : cost / lasts / box.pieces,
  };
}

/** Half as much again of what holds is worth another parting. */
const worthMoving = 1.5;
/** Less than this of a mesh is roughness. */
const heldShare = 0.02;

/** Tells of walls that tear, of a mould without a way in, of what poisons its cure, and of what holds it fast. */
export function mouldWarnings(section: MouldSection | undefined, name: string): Warning[] {
  if (section === undefined) return [];
  const { made, isOpen, spout, checks, parting, recesses, wallMm, topMm } = section;
  const thinMm = Math.min(made.thinnestMm ?? Infinity, topMm ?? Infinity);
  const found: Warning[] = [];
  if (made.kind === 'sizes' && thinMm < leastWallMm - hairMm) {
    found.push({
      code: 'box-wall-thin',
      severity: 'warn',
      data: { thinMm, leastWallMm, wallMm },
    });
  }
  if (!isOpen && spout === undefined) {
    found.push({ code: 'mould-closed', severity: 'warn', data: {} });
  }
  for (const { on, material, platinum, remedy } of checks) {
    if (material === undefined && platinum !== 'fine') {
      found.push({ code: 'platinum-asks', severity: 'tell', data: { on, name } });
    } else if (material !== undefined && platinum !== 'fine') {
      found.push({
        code: 'platinum-spoiled',
        severity: platinum === 'poisons' ? 'warn' : 'tell',
        data: { on, material, remedy, name, isSure: platinum === 'poisons' },
      });
    }
  }
  if (recesses !== undefined && recesses.length > 0) {
    const ml = recesses.reduce((sum, { holdsMl = 0 }) => sum + holdsMl, 0);
    found.push({
      code: 'recess-holds-air',
      severity: 'tell',
      data: { count: recesses.length, ml },
    });
  }
  const { undercut, bestMm, heightMm = 0, bestMm2 = 0 } = parting ?? {};
  if (
    undercut !== undefined &&
    bestMm !== undefined &&
    undercut.share > heldShare &&
    undercut.mm2 > bestMm2 * worthMoving
  ) {
    found.push({
      code: 'parting-holds',
      severity: 'tell',
      data: { mm2: undercut.mm2, heightMm, bestMm, bestMm2 },
    });
  }
  return found;
}
