import type { MouldMaterial } from '../../core/measure/mould/materials';
import type { Mould, MouldCavity } from '../../core/measure/mould/mouldSchema';
import type { MeasuredMould } from '../../core/plan/mouldOfJob';

/** A cavity while it is being typed. */
export interface CavityDraft {
  name: string;
  volume: string;
  plusMinus: string;
  depth: string;
  count: string;
  /** Its measured form and the figures it goes with: with others typed it does not count. */
  form?: Pick<MouldCavity, 'volume' | 'depth' | 'heightsMm' | 'areas'> | undefined;
}

/** A mould while it is being typed: every figure as text. */
export interface MouldDraft {
  id: string | undefined;
  name: string;
  material: MouldMaterial | undefined;
  cavities: CavityDraft[];
  /** Thickness of its sides and floor. */
  wall: string;
  greatestTemperature: string;
  castings: string;
  photo: string | undefined;
  lastFault: string;
  notes: string;
}

export const emptyCavity = (): CavityDraft => ({
  name: '',
  volume: '',
  plusMinus: '',
  depth: '',
  count: '1',
});

function cavityDraft(cavity: MouldCavity): CavityDraft {
  const { name, volume, plusMinus, depth, count, heightsMm, areas } = cavity;
  return {
    name: name ?? '',
    volume,
    plusMinus: plusMinus ?? '',
    depth: depth ?? '',
    count: String(count ?? 1),
    ...(heightsMm === undefined ? {} : { form: { volume, depth, heightsMm, areas } }),
  };
}

/** A mould as the form shows it; a new one starts with one empty cavity. */
export function mouldDraft(mould: Mould | MeasuredMould | undefined): MouldDraft {
  return {
    id: mould?.id,
    name: mould?.name ?? '',
    material: mould?.material,
    cavities: mould?.cavities.map(cavityDraft) ?? [emptyCavity()],
    wall: mould?.wall ?? '',
    greatestTemperature: mould?.greatestTemperature ?? '',
    castings: String(mould?.castings ?? 0),
    photo: mould?.photo,
    lastFault: mould?.lastFault ?? '',
    notes: mould?.notes ?? '',
  };
}

/** Whether the layers of a cavity follow its measured form: they do while volume and depth are those measured. */
export const keepsForm = ({ form, volume, depth }: CavityDraft): boolean =>
  form !== undefined && form.volume === volume && (form.depth ?? '') === depth;

/** What the schema of a mould is held against. */
export const typedMould = ({ cavities, ...draft }: MouldDraft): object => ({
  ...draft,
  cavities: cavities.map((cavity) => {
    const { form, ...typed } = cavity;
    return keepsForm(cavity) ? { ...typed, heightsMm: form?.heightsMm, areas: form?.areas } : typed;
  }),
});
