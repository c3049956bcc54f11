import type { CauseCode } from '../diagnose/causeCodes';
import type { SealedFaces, Sealing } from '../person/personSchema';
import type { SolidKind } from '../thermal/solids';
import type { MasterMaterialName, Remedy } from '../mouldBox/masterMaterials';
import type { MouldBox } from '../mouldBox/mouldBox';
import type { JudgedMoisture } from './moisture';
import type { CoatedSurface, Paint } from './prepareSchema';

type Nothing = Record<never, never>;

/** Every line that a list of preparations may have, with what is told in it. */
export interface PrepareCodes {
  'dry-stock': { readonly moisture: JudgedMoisture | undefined; readonly stockMm: number };
  flatten: Nothing;
  bark: Nothing;
  'clean-timber': Nothing;
  'clean-mould': { readonly moulds: readonly string[] };
  'wipe-oil': Nothing;
  'paint-dry': {
    readonly paint: Paint;
    readonly days: number;
    readonly painted: string | undefined;
  };
  'sealing-medium': { readonly waitMin: number };
  'clean-surface': { readonly surface: CoatedSurface };
  /** Undefined where nobody said what it is of. */
  'seal-master': {
    readonly material: MasterMaterialName | undefined;
    readonly remedy: Remedy | undefined;
  };
  /** Whether a platinum cure takes on what it lies on. */
  'test-patch': { readonly name: string };
  /** A piece lies in clay up to where its mould parts. */
  'clay-bed': { readonly partingMm: number; readonly keys: number; readonly keyMm: number };
  'cut-mould': { readonly why: 'closed' | 'deep' | 'holds' };
  wormholes: Nothing;
  'seal-edges': {
    readonly school: Sealing;
    readonly faces: SealedFaces;
    readonly hasColour: boolean;
    readonly waitMin: number;
  };
  'seal-faces': { readonly days: number };
  'build-form': {
    readonly board: SolidKind;
    readonly thicknessMm: number;
    readonly braceEveryMm: number | undefined;
    readonly braces: number | undefined;
  };
  'seal-form': { readonly cureMin: number };
  'build-box': { readonly box: Pick<MouldBox, 'made' | 'heightMm' | 'wallMm'> | undefined };
  release: { readonly onto: 'form' | 'mould' | 'master' };
  'spout-vents': { readonly spoutMm: number | undefined; readonly vents: number };
  level: { readonly weightKg: number; readonly twoPeople: boolean };
  'hold-down': { readonly holdKg: number; readonly bodies: number };
  'mask-edges': Nothing;
  /** Whether the coat below asks for another. */
  'look-coat': Nothing;
  'leftover-moulds': { readonly moulds: readonly string[] };
  tools: { readonly batches: number; readonly cups: number; readonly sticks: number };
  'mark-cups': { readonly batches: number };
  cover: { readonly fanSaid: boolean };
  fan: Nothing;
  gear: { readonly polyurethane: boolean };
  drips: { readonly gelMin: number | undefined };
  underside: Nothing;
  /** What was wrong with an earlier piece, and is done otherwise this time. */
  lesson: { readonly cause: CauseCode };
}
