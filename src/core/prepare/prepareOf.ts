import type { Coded } from '../codes/coded';
import type { ResolvedJob } from '../job/resolveJob';
import type { Person } from '../person/person';
import { countOf } from '../plan/reasons';
import type { Plan, PourPlan } from '../plan/planTypes';
import { familyOf } from '../resin/families';
import type { PrepareCodes } from './prepareCodes';
import { prepareContextOf, type PrepareContext } from './prepareContext';

const hour = 60;
const day = 24 * hour;

/** Acrylic paint is dry in days, oil takes a week or more before a film may go on it. */
export const paintDryDays = { acrylic: 3, oil: 10 } as const;
/** A sealing medium stands for a day. */
const mediumMin = day;
/** A thin coat of a quick epoxy is hard by the next morning; one of a slow resin is sticky by then, and for half a day. */
const sealedMin = 12 * hour;
const stickyUntilMin = 24 * hour;
/** From here on bare faces take up moisture while they lie in the form, days. */
const longStayDays = 7;

/** How long what a line begins must stand; `toMin` where it must not stand for longer. */
export interface PrepareWait {
  readonly fromMin: number;
  readonly toMin: number | undefined;
}

/** One line of the list. */
export type PrepareLine = Coded<PrepareCodes> & {
  /** Of hands, min; general practice for one piece. */
  readonly minutes: number;
  readonly wait: PrepareWait | undefined;
  /** The pour that it is done before, or, of what is done afterwards, the one after which. Counted from 0. */
  readonly pour: number;
  readonly when: 'before' | 'on-the-day' | 'after';
};

/** What a line is ticked off by: it stays with it while the plan changes. */
export function idOfLine(line: PrepareLine): string {
  if (line.code === 'release') return `release/${line.data.onto}`;
  return line.code === 'lesson' ? `lesson/${line.data.cause}` : line.code;
}

type Line = Coded<PrepareCodes> &
  Partial<Pick<PrepareLine, 'wait' | 'pour' | 'when'>> &
  Pick<PrepareLine, 'minutes'>;

const standing = (fromMin: number, toMin?: number): PrepareWait => ({ fromMin, toMin });

function stockLines({ hasTimber, stockMm, moisture, plan }: PrepareContext): readonly Line[] {
  if (!hasTimber) return [];
  const fills = plan.pours.some(({ role }) => role === 'fill');
  return [
    { code: 'dry-stock', data: { moisture, stockMm }, minutes: 5 },
    ...(fills
      ? ([
          { code: 'flatten', data: {}, minutes: 60 },
          { code: 'bark', data: {}, minutes: 30 },
        ] as const)
      : []),
    { code: 'clean-timber', data: {}, minutes: 10 },
  ];
}

function surfaceLines({
  coats,
  surface,
  resolved,
  hasTimber,
  plan,
}: PrepareContext): readonly Line[] {
  if (coats.length === 0 || plan.pours.some(({ role }) => role === 'fill')) return [];
  const { paint = 'oil', painted } = resolved.job.prepare ?? {};
  if (surface === 'picture') {
    const days = paintDryDays[paint];
    return [
      {
        code: 'paint-dry',
        data: { paint, days, painted },
        minutes: 5,
        wait: painted === undefined ? standing(days * day) : undefined,
      },
      { code: 'wipe-oil', data: {}, minutes: 10 },
      {
        code: 'sealing-medium',
        data: { waitMin: mediumMin },
        minutes: 15,
        wait: standing(mediumMin),
      },
    ];
  }
  return hasTimber ? [] : [{ code: 'clean-surface', data: { surface }, minutes: 10 }];
}

/** How long the timber lies in the form, days; 0 where nothing tells. */
const staysDays = ({ plan }: PrepareContext): number => (plan.times.doneMin ?? 0) / day;

function sealLines(context: PrepareContext): readonly Line[] {
  const { hasTimber, sealing, sealedFaces, sealsByPour, hasColour, plan } = context;
  if (!hasTimber || !plan.pours.some(({ role }) => role === 'fill')) return [];
  const wait = sealing === 'same-resin' ? standing(sealedMin, stickyUntilMin) : standing(sealedMin);
  const data = { school: sealing, faces: sealedFaces, hasColour, waitMin: sealedMin };
  return [
    { code: 'wormholes', data: {}, minutes: 15, wait: standing(2 * hour) },
    ...(sealsByPour || sealing === 'bare'
      ? []
      : [{ code: 'seal-edges', data, minutes: 20, wait } as const]),
    ...(staysDays(context) >= longStayDays && sealedFaces === 'edges'
      ? [{ code: 'seal-faces', data: { days: staysDays(context) }, minutes: 15 } as const]
      : []),
  ];
}

/** What is made ready before rubber is poured, and what is done with the mould once it is out. */
function mouldLines({ plan }: PrepareContext): readonly Line[] {
  const made = plan.pours.find(({ mould }) => mould !== undefined);
  const { mould } = made ?? {};
  const pour =
    made?.index ??
    Math.max(
      0,
      plan.pours.findIndex(({ role }) => role === 'mould'),
    );
  const [onMaster] = mould?.checks ?? [];
  const { material, remedy, porous = true } = onMaster ?? {};
  const isSealed = material !== undefined && !porous && remedy === undefined;
  const asksPatch = mould?.checks.some(({ platinum }) => platinum !== 'fine') === true;
  const { parting, keys, spout, vents, zigzag } = mould ?? {};
  const lines: Line[] = [
    ...(isSealed
      ? []
      : [
          {
            code: 'seal-master',
            data: { material, remedy },
            minutes: 15,
            wait: standing(4 * hour),
          } as const,
        ]),
    ...(asksPatch
      ? [
          {
            code: 'test-patch',
            data: { name: made!.resin.name },
            minutes: 10,
            wait: standing(mould?.opensMin ?? day),
          } as const,
        ]
      : []),
    ...(parting === undefined
      ? []
      : [
          {
            code: 'clay-bed',
            data: {
              partingMm: parting.heightMm,
              keys: keys?.count ?? 0,
              keyMm: keys?.diameterMm ?? 0,
            },
            minutes: 45,
          } as const,
        ]),
    {
      code: 'build-box',
      data: {
        box: mould && { made: mould.made, heightMm: mould.heightMm, wallMm: mould.wallMm },
      },
      minutes: 30,
    },
    ...(mould !== undefined && spout === undefined && vents === undefined
      ? []
      : [
          {
            code: 'spout-vents',
            data: { spoutMm: spout?.diameterMm, vents: vents?.count ?? 0 },
            minutes: 15,
          } as const,
        ]),
    { code: 'release', data: { onto: 'master' }, minutes: 15, wait: standing(0.5 * hour) },
    ...(zigzag === undefined
      ? []
      : [{ code: 'cut-mould', data: { why: zigzag }, minutes: 20, when: 'after' } as const]),
  ];
  return lines.map((line) => ({ pour, ...line }));
}

function formLines(context: PrepareContext): readonly Line[] {
  const { hasForm, hasMoulds, makesMould, holdDown, person, plan } = context;
  const { sealantCureMin: cureMin } = person;
  const [wall] = [...holdDown.walls].sort(
    (a, b) => (b.bowOvernightMm ?? 0) - (a.bowOvernightMm ?? 0),
  );
  const lines: Line[] = [];
  if (makesMould) {
    lines.push(...mouldLines(context));
  }
  if (hasForm && wall !== undefined) {
    const { board, thicknessMm, braceEveryMm, braces } = wall;
    lines.push(
      { code: 'build-form', data: { board, thicknessMm, braceEveryMm, braces }, minutes: 60 },
      { code: 'seal-form', data: { cureMin }, minutes: 20, wait: standing(cureMin) },
      { code: 'release', data: { onto: 'form' }, minutes: 20, wait: standing(0.5 * hour) },
    );
  }
  if (hasMoulds) {
    const isInMould = ({ parts }: PourPlan): boolean =>
      parts.some(({ shape }) => shape === 'mould');
    const casts = plan.pours.findIndex(({ role }) => role === 'castings');
    const pour = Math.max(0, plan.pours.findIndex(isInMould), casts);
    const names = plan.pours[pour]!.parts.flatMap(({ shape, name }) =>
      shape === 'mould' && name !== undefined ? [name] : [],
    );
    lines.push(
      { code: 'clean-mould', data: { moulds: names }, minutes: 5, pour, when: 'on-the-day' },
      { code: 'release', data: { onto: 'mould' }, minutes: 10, pour, when: 'on-the-day' },
    );
  }
  return lines;
}

/** Cups and sticks: one of each a batch, a second cup where that is the way, and two more where the parts have their own. */
function toolsOf(pours: readonly PourPlan[], { resolved }: PrepareContext) {
  let [batches, cups, sticks] = [0, 0, 0];
  for (const pour of pours) {
    const count = countOf(pour.batches);
    const twoCups = resolved.pours[pour.index]?.said.allowances?.residue?.twoCups === true;
    batches += count;
    if (familyOf(pour.resin.family).onePart) {
      cups += count;
      continue;
    }
    cups += count * (1 + (twoCups ? 1 : 0) + (pour.mixing.cups === 'own' ? 2 : 0));
    sticks += count * (twoCups ? 2 : 1);
  }
  return { batches, cups, sticks };
}

/** Coats that go on another coat, or on a seal, counted from 0. */
const onCoats = ({ plan: { pours } }: PrepareContext): readonly number[] =>
  pours.flatMap(({ role, index }) => {
    const under = pours[index - 1]?.role;
    return role === 'coat' && (under === 'coat' || under === 'seal') ? [index] : [];
  });

/** What is done on the day of a pour, the last thing before it. */
function dayLines(context: PrepareContext): readonly Line[] {
  const { plan, holdDown, surfaced, hasPolyurethane, resolved, coats, hasMoulds } = context;
  const lifted = holdDown.bodies.filter(({ netG }) => netG > 0);
  const { weightKg, twoPeople, holdKg } = holdDown;
  const leftovers = resolved.leftoverMoulds.map(({ name }) => name);
  const tools = toolsOf(plan.pours, context);
  const firstCoat = coats[0]?.index ?? 0;
  const fanSaid = resolved.pours.some(({ said }) => said.heat?.fan !== undefined);
  return [
    { code: 'level', data: { weightKg, twoPeople }, minutes: 10 },
    ...(lifted.length === 0
      ? []
      : [{ code: 'hold-down', data: { holdKg, bodies: lifted.length }, minutes: 15 } as const]),
    ...(coats.length === 0
      ? []
      : [{ code: 'mask-edges', data: {}, minutes: 10, pour: firstCoat } as const]),
    ...onCoats(context).map((pour): Line => ({ code: 'look-coat', data: {}, minutes: 3, pour })),
    ...(leftovers.length === 0
      ? []
      : [{ code: 'leftover-moulds', data: { moulds: leftovers }, minutes: 5 } as const]),
    { code: 'tools', data: tools, minutes: 5 },
    ...(plan.pours.every(({ resin }) => resin.ratio === undefined)
      ? []
      : [{ code: 'mark-cups', data: { batches: tools.batches }, minutes: 3 } as const]),
    ...(surfaced && !hasMoulds
      ? [{ code: 'fan', data: {}, minutes: 2 } as const]
      : [{ code: 'cover', data: { fanSaid }, minutes: 2 } as const]),
    { code: 'gear', data: { polyurethane: hasPolyurethane }, minutes: 2 },
  ];
}

function afterLines({ coats, plan, surface, hasTimber }: PrepareContext): readonly Line[] {
  const last = coats.at(-1);
  if (last === undefined) return [];
  const gelH = plan.pours[last.index]?.layers.at(-1)?.cure?.gelH;
  return [
    {
      code: 'drips',
      data: { gelMin: gelH && gelH * hour },
      minutes: 10,
      pour: last.index,
    },
    ...(hasTimber || surface === 'timber' || surface === 'panel'
      ? [{ code: 'underside', data: {}, minutes: 30, pour: last.index } as const]
      : []),
  ];
}

/** What earlier pieces taught: read before anything is mixed. */
const lessonLines = ({ job }: ResolvedJob): readonly Line[] =>
  (job.prepare?.lessons ?? []).map((cause) => ({ code: 'lesson', data: { cause }, minutes: 1 }));

/**
 * What is prepared for a job, in working order: only what this job needs.
 * @throws InputError those of `holdDownOf`
 */
export function prepareOf(
  resolved: ResolvedJob,
  plan: Plan,
  person: Person,
): readonly PrepareLine[] {
  const context = prepareContextOf(resolved, plan, person);
  const lined = (lines: readonly Line[], when: PrepareLine['when']): readonly PrepareLine[] =>
    lines.map((line) => ({ wait: undefined, pour: 0, when, ...line }));
  const before = [
    ...stockLines(context),
    ...surfaceLines(context),
    ...sealLines(context),
    ...formLines(context),
  ];
  return [
    ...lined(before, 'before'),
    ...lined(lessonLines(resolved), 'on-the-day'),
    ...lined(dayLines(context), 'on-the-day'),
    ...lined(afterLines(context), 'after'),
  ];
}
