import type { PourRole } from '../../../core/job/pourChoices';
import { hasOutline } from '../../../core/mouldBox/footprint';
import type { Plan } from '../../../core/plan/planTypes';
import { familyOf, type FamilyKind, type ResinFamily } from '../../../core/resin/families';
import type { Resin } from '../../../core/resin/resinSchema';
import type { JobDraft, PourDraft } from '../../../data/draft/jobDraft';
import { emptyPart, type PartDraft } from '../../../data/draft/partDraft';

/** What another pour may be for. */
export const addedPours = [
  'seal',
  'fill-on-top',
  'coat',
  'other-resin',
  'mould-and-castings',
] as const;
export type AddedPour = (typeof addedPours)[number];

/** Usual thickness of a seal brushed onto edges, of a seal coat on a board and of a flood coat, mm. */
const sealMm = 0.5;
const sealCoatMm = 1.5;
const floodMm = 3;

/** What is typed in millimetres: tenths under five, whole above, as a tape is read. */
const mm = (value: number): string =>
  `${value < 5 ? Number(value.toFixed(1)) : Math.round(value)} mm`;

const familyFirst =
  (...families: readonly ResinFamily[]) =>
  (resins: readonly Resin[], own: Resin | undefined): Resin | undefined =>
    families.flatMap((family) => resins.find((card) => card.family === family) ?? [])[0] ?? own;

const kindFirst =
  (kind: FamilyKind) =>
  (resins: readonly Resin[], own: Resin | undefined): Resin | undefined =>
    resins.find(({ family }) => familyOf(family).kind === kind) ?? own;

const forSeal = familyFirst('fast-epoxy', 'coating-epoxy');
const forCoat = familyFirst('coating-epoxy', 'casting-epoxy');
const forMould = kindFirst('silicone');
const forCastings = kindFirst('polyurethane');

const pourOf = (
  role: PourRole,
  name: string,
  resin: Resin | undefined,
  what: Partial<PourDraft>,
): PourDraft => ({
  role,
  name,
  overage: '10 %',
  ...(resin === undefined ? {} : { resin }),
  ...what,
});

/** Of what the uppermost fill reaches now, where it gives way to another. */
const upperBegins = 0.8;

/** The height at which the uppermost fill gives way to another; nothing where it has none. */
function partedAt({
  form,
  pours,
}: Plan): { readonly index: number; readonly atMm: number } | undefined {
  // What has no depth cannot be filled up to a height.
  if (form === undefined || form.parts.some(({ depthMm }) => depthMm === undefined))
    return undefined;
  const top = pours.findLast(({ kind, between }) => kind === 'fills' && between !== undefined);
  if (top?.between === undefined) return undefined;
  const { fromMm, toMm } = top.between;
  return { index: top.index, atMm: fromMm + (toMm - fromMm) * upperBegins };
}

/** A fill over what is filled already, which then ends lower. */
function fillOver(draft: JobDraft, plan: Plan, name: string, resin: Resin | undefined): Added {
  const parted = partedAt(plan);
  if (parted === undefined) {
    const added = pourOf('fill', name, resin, { measure: { parts: [emptyPart('box')] } });
    return { pours: [...draft.pours, added], index: draft.pours.length };
  }
  const atText = mm(parted.atMm);
  const { index } = parted;
  const lower = draft.pours[index]!;
  const upper = pourOf('fill', name, resin, {
    fills: { from: atText, ...(lower.fills?.to === undefined ? {} : { to: lower.fills.to }) },
  });
  // Heights of one's own were told for the whole depth.
  const { heights: _, ...layers } = lower.layers ?? {};
  const ended: PourDraft = {
    ...lower,
    name: lower.name ?? 'Fill',
    fills: { ...lower.fills, to: atText },
    ...(lower.layers === undefined ? {} : { layers }),
  };
  return {
    pours: [...draft.pours.slice(0, index), ended, upper, ...draft.pours.slice(index + 1)],
    index: index + 1,
  };
}

/** A board that is coated has a face and no walls: its seal coat is the lowest of what is poured on it. */
function sealFirst(draft: JobDraft, plan: Plan, resin: Resin | undefined): Added {
  const shapes = draft.measure.parts.map(({ shape }) => shape);
  const isBoard = shapes.length > 0 && shapes.every((shape) => shape === 'coat');
  const [first] = draft.pours;
  const depthMm = plan.form?.depthMm;
  if (isBoard && first !== undefined && depthMm !== undefined && depthMm > sealCoatMm) {
    const top = mm(sealCoatMm);
    const seal = pourOf('seal', 'Seal coat', first.resin ?? resin, { fills: { to: top } });
    const flood: PourDraft = {
      ...first,
      name: first.name ?? 'Flood coat',
      role: 'coat',
      fills: { ...first.fills, from: top },
    };
    return { pours: [seal, flood, ...draft.pours.slice(1)], index: 0 };
  }
  // A channel lies between the edges that are sealed; other forms are sealed all over.
  const face = shapes.every((shape) => shape === 'channel') ? 'sides' : 'sides-and-floor';
  const seal = pourOf('seal', 'Seal', resin, { covers: { face, thickness: mm(sealMm) } });
  return { pours: [seal, ...draft.pours], index: 0 };
}

/** What is cast in the mould round a master is the master itself; of another form it is said anew. */
const castParts = ({ parts }: JobDraft['measure']): PartDraft[] => {
  const masters = parts.filter(({ shape, as }) => shape === 'mesh' && as === 'master');
  return masters.length === 0
    ? [emptyPart('box')]
    : masters.map(({ box: _, ...part }) => ({ ...part, as: 'part' as const }));
};

const isSilicone = (pour: PourDraft | undefined): boolean =>
  pour?.resin !== undefined && familyOf(pour.resin.family).kind === 'silicone';

/** A box goes round one kind of piece whose outline is known. */
function isBoxable({ measure, pours }: JobDraft): boolean {
  const [part, second] = measure.parts;
  const [first] = pours;
  if (part === undefined || second !== undefined) return false;
  const isMaster = part.shape === 'mesh' && part.as !== 'part';
  const isWhole = first?.fills?.to === undefined && first?.covers === undefined;
  return isWhole && pours.length <= 1 && !isMaster && hasOutline(part.shape);
}

/** A mould round what is measured; what was poured of it is cast in that from now on. */
function boxAndCastings(draft: JobDraft, resins: readonly Resin[]): Added {
  const [first, ...others] = draft.pours;
  if (first !== undefined && !isSilicone(first)) {
    const mould = pourOf('mould', 'Mould', forMould(resins, undefined), { mouldBox: {} });
    const castings: PourDraft = { ...first, role: 'castings', name: first.name ?? 'Castings' };
    return { pours: [mould, castings, ...others], index: 0 };
  }
  // Layers were told of the form, not of what is poured round it.
  const { fills: _, layers: __, ...kept }: Partial<PourDraft> = first ?? {};
  const mould: PourDraft = { mouldBox: {}, ...kept, role: 'mould', name: first?.name ?? 'Mould' };
  const castings = pourOf('castings', 'Castings', forCastings(resins, undefined), {});
  return { pours: [mould, castings], index: 1 };
}

function mouldAndCastings(draft: JobDraft, resins: readonly Resin[]): Added {
  if (isBoxable(draft)) return boxAndCastings(draft, resins);
  const [first] = draft.pours;
  const castings = pourOf('castings', 'Castings', forCastings(resins, undefined), {
    measure: { parts: castParts(draft.measure) },
  });
  const isMould = isSilicone(first);
  const silicone = isMould ? first?.resin : forMould(resins, first?.resin);
  const mould: PourDraft = {
    ...first,
    role: 'mould',
    name: (isMould ? first?.name : undefined) ?? 'Mould',
    ...(silicone && { resin: silicone }),
  };
  return { pours: [mould, ...draft.pours.slice(1), castings], index: draft.pours.length };
}

/** The pours of a job with one more, and which one that is. */
export interface Added {
  readonly pours: PourDraft[];
  readonly index: number;
}

/**
 * Adds a pour with figures that make sense: the person changes them from there.
 * @param plan of the draft
 * @param resins on the shelf
 * @param id of the new pour
 */
export function addPour(
  what: AddedPour,
  draft: JobDraft,
  plan: Plan,
  resins: readonly Resin[],
  id: string,
): Added {
  const own = draft.pours.at(-1)?.resin;
  const { pours, index } = ((): Added => {
    switch (what) {
      case 'seal':
        return sealFirst(draft, plan, forSeal(resins, own));
      case 'fill-on-top':
        return fillOver(draft, plan, 'Fill on top', own);
      case 'other-resin':
        return fillOver(
          draft,
          plan,
          'Upper fill',
          resins.find((card) => card.id !== own?.id && familyOf(card.family).kind === 'epoxy') ??
            own,
        );
      case 'coat':
        return {
          pours: [
            ...draft.pours,
            pourOf('coat', 'Flood coat', forCoat(resins, own), {
              covers: { face: 'surface', thickness: mm(floodMm) },
            }),
          ],
          index: draft.pours.length,
        };
      case 'mould-and-castings':
        return mouldAndCastings(draft, resins);
    }
  })();
  return { pours: pours.map((pour, at) => (at === index ? { ...pour, id } : pour)), index };
}
