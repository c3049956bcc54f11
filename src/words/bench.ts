import type { HeatingPlace } from '../core/bench/heating';
import type { RestWay } from '../core/bench/benchEvents';
import type { BatchLane } from '../core/bench/lanes';
import type { BenchStepKind } from '../core/bench/benchSteps';
import type { PlanDifference } from '../core/bench/planDifference';
import type { PotVoice } from '../core/bench/potClock';
import type { BubbleTool } from '../core/person/personSchema';
import type { PlannedBatch, PourPlan } from '../core/plan/planTypes';
import { familyOf } from '../core/resin/families';
import { shapeNames } from './names';
import { capital, sayG, sayHeight, sayMl, sayOnScale } from './figures';
import { sayPigments } from './sheet';

/** What the bench says: short, for somebody who looks up for a second. */

export const stepNames: Readonly<Record<BenchStepKind, string>> = {
  ready: 'Ready check',
  cup: 'Take a cup',
  tint: 'Colour first',
  'part-a': 'A resin',
  'part-b': 'B hardener',
  strokes: 'Strokes of both pumps',
  'more-a': 'More A',
  'more-b': 'More B',
  combine: 'A and B together',
  stir: 'Stir',
  'second-cup': 'Second cup',
  rest: 'Let bubbles rise',
  colour: 'Colour and filler',
  pour: 'Pour',
  bubbles: 'Bubbles',
  lamp: 'Under the lamp',
  'close-pot': 'Close the pot',
  'open-pot': 'Open the pot',
  'empty-mould': 'Empty the mould',
  'add-inclusion': 'Put it in',
};

/** What one says when a step is done. */
export const doneWords: Readonly<Record<BenchStepKind, string>> = {
  ready: 'All ready',
  cup: 'I have it',
  tint: 'It is in',
  'part-a': 'A is in',
  'part-b': 'B is in',
  strokes: 'All rounds are in',
  'more-a': 'A is in',
  'more-b': 'B is in',
  combine: 'They are together',
  stir: 'No streaks, clear',
  'second-cup': 'Stirred again',
  rest: 'Go on',
  colour: 'It is in',
  pour: 'Poured',
  bubbles: 'Done',
  lamp: 'It is set',
  'close-pot': 'Closed, pressure is on',
  'open-pot': 'Pressure off, open',
  'empty-mould': 'Out, and ready again',
  'add-inclusion': 'It is in',
};

/** Which batch of which layer: nothing where there is one. */
export function sayLane({ batch }: BatchLane, pour: PourPlan): string {
  return [
    ...(pour.layers.length > 1 ? [`layer ${batch.layer + 1}`] : []),
    ...(batch.group.colour === undefined ? [] : [batch.group.colour]),
    ...(batch.of > 1 ? [`batch ${batch.place} of ${batch.of}`] : []),
  ].join(' · ');
}

/** A clock that is read from two metres: 12:05, 1:02:05. */
export function sayClock(minutes: number): string {
  const seconds = Math.max(0, Math.round(minutes * 60));
  const two = (value: number): string => String(value).padStart(2, '0');
  const [h, min, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  return h > 0 ? `${h}:${two(min)}:${two(s)}` : `${min}:${two(s)}`;
}

export const potVoiceWords: Readonly<Record<PotVoice, string>> = {
  calm: '',
  half: 'Half of it is gone',
  'three-quarters': 'A quarter left: pour soon',
  'nine-tenths': 'Pour now',
  over: 'Pot life is over: do not pour it',
};

/** The same for the ear. */
export const potVoiceSpoken: Readonly<Record<PotVoice, string>> = {
  calm: '',
  half: 'Half the pot life is gone.',
  'three-quarters': 'A quarter of the pot life is left. Pour soon.',
  'nine-tenths': 'Pour now.',
  over: 'Stop. The pot life is over.',
};

/** Which cup, and how it is prepared. */
export function sayCup(
  group: PlannedBatch,
  cups: 'one' | 'own',
  onePart: boolean,
): readonly string[] {
  const { container, filledMl = group.ml } = group;
  const name = container?.name ?? 'a clean cup';
  const holds = container === undefined ? '' : `, ${sayMl(container.capacityMl)}`;
  return [
    `${capital(name)}${holds}. ${sayMl(filledMl)} go into it.`,
    ...(cups === 'own' && !onePart ? ['And a cup each for A and for B, marked.'] : []),
    'Wipe out dust and hair first.',
    ...(container !== undefined && container.fill < 0.5
      ? ['A tall one: under vacuum it boils up several times its height.']
      : []),
  ];
}

/** Prompts while it is stirred, by how much of the time is gone. */
const stirPrompts: readonly (readonly [from: number, text: string])[] = [
  [0, 'Slowly. Keep the stick under, whip no air in.'],
  [0.3, 'Scrape the wall, all the way round.'],
  [0.5, 'Scrape the bottom and the corner.'],
  [0.7, 'Scrape the stick on the rim.'],
  [0.85, 'Look through it against a dark ground: any streaks?'],
];

export const sayStirPrompt = (share: number): string =>
  [...stirPrompts].reverse().find(([from]) => share >= from)?.[1] ?? '';

export const stirEndWords =
  'Clear when no streak is left and the cloud has gone. Time alone does not tell.';

export const secondCupWords: readonly string[] = [
  'Pour it into a second, clean cup. What sticks to the first wall is unmixed.',
  'Scrape the first cup out only if you stir on in this one.',
  'Stir again, shortly, with a clean stick.',
];

export const restNames: Readonly<Record<RestWay, string>> = {
  rest: 'Rest',
  vacuum: 'Vacuum',
  bath: 'Warm bath',
};

export const restWords: Readonly<Record<RestWay, string>> = {
  rest: 'Let it stand. Bubbles rise by themselves.',
  vacuum: 'A third full at most. Watch it rise, let air in, again until it falls back.',
  bath: 'Cup in water of 35 to 40 °C. No water in the cup.',
};

/** What goes in once it is stirred, a line each. */
export function sayColouring({ resin }: PourPlan, group: PlannedBatch): readonly string[] {
  return [
    ...(resin.pigmentInto === 'mix' ? sayPigments(group.pigments) : []),
    ...group.shares.map(
      ({ name, g, pigments }) =>
        `${name}: take off ${sayG(g)}${pigments.length === 0 ? '' : `, with ${sayPigments(pigments).join(', ')}`}`,
    ),
    ...(group.fillers ?? []).map(({ name, g }) => `${name} ${sayG(g)}, last, a little at a time`),
  ];
}

/** What of it goes where. */
export function sayWhere(
  pour: PourPlan,
  { batch }: BatchLane,
  moulds?: readonly number[],
): readonly string[] {
  if (moulds !== undefined) {
    return [`Into ${moulds.length === 1 ? 'mould' : 'moulds'} ${moulds.join(' and ')}.`];
  }
  const { layer, group, place, of } = batch;
  const { fromMm, toMm } = pour.layers[layer] ?? {};
  const cavities = group.portions.flatMap((at) => {
    const cavity = pour.portions[at]?.cavity;
    const part = cavity === undefined ? undefined : pour.parts[cavity - 1];
    return part === undefined ? [] : [part.name ?? shapeNames[part.shape]];
  });
  const heights = fromMm !== undefined && toMm !== undefined && toMm > fromMm;
  const share = of > 1 && heights ? fromMm + ((toMm - fromMm) * place) / of : undefined;
  return [
    ...(cavities.length > 0 ? [`Into ${[...new Set(cavities)].join(', ')}.`] : []),
    ...(share !== undefined && place < of
      ? [`Up to about ${sayHeight(share)}; the layer ends at ${sayHeight(toMm!)}.`]
      : heights
        ? [`Up to ${sayHeight(toMm)}.`]
        : []),
  ];
}

/** How it is poured. */
export function sayHowPoured(pour: PourPlan): readonly string[] {
  const { kind } = familyOf(pour.resin.family);
  if (pour.kind === 'covers') {
    return ['From the middle outwards, in ribbons.', 'Spread it, and brush the edges.'];
  }
  if (kind === 'silicone') {
    return [
      'A thin stream from high up, into the lowest corner.',
      'Let it climb over the master by itself.',
    ];
  }
  if (pour.role === 'castings') {
    return pour.casting?.fill === 'at-once'
      ? ['All at once, a thin stream into the lowest place.', 'Tap it all round.']
      : [
          `Half full${pour.casting === undefined ? '' : `, ${sayMl(pour.casting.firstMl)} a piece`}, tilt it all round, tap.`,
          'Then fill up, and tap again.',
        ];
  }
  return ['A thin stream, into the lowest corner.', 'Let it rise by itself.'];
}

export const toolNames: Readonly<Record<BubbleTool, string>> = {
  torch: 'Torch',
  'heat-gun': 'Heat gun',
  pick: 'Pick or stick',
};

export const toolWords: Readonly<Record<BubbleTool, readonly string[]>> = {
  torch: [
    'A quick sweep, a hand above, always moving.',
    'No alcohol or acetone on this bench: that is a fire.',
  ],
  'heat-gun': [
    'Low, a hand and a half above, always moving.',
    'Too long in one place, it skins over.',
  ],
  pick: ['Work bubbles out of edges and corners with a pick.', 'Prick what stands on the surface.'],
};

/** What to do when it heats, in the order of doing it; short enough for one look. */
export const heatingWords: Readonly<Record<HeatingPlace, readonly string[]>> = {
  cup: [
    'Do not pour it into the mould.',
    'Carry it outdoors, onto stone or earth.',
    'Never seal it. No water.',
    'Keep out of the fumes.',
  ],
  mould: [
    'More air over it: a fan, doors open.',
    'Cool the underside. Never water on it.',
    'Take off cover, lamp and heater.',
    'Smoke: out, and stay out.',
  ],
};

/** Why a step is left out. */
export const skipReasons: readonly string[] = [
  'Not needed here',
  'Nothing to do it with',
  'No time left',
  'Done before',
];

const sayBatch = ({ count, onScale }: Pick<PlannedBatch, 'count' | 'onScale'>): string =>
  `${count} × ${sayOnScale(onScale.aG, onScale.stepG)} + ${sayOnScale(onScale.bG, onScale.stepG)}\u00a0g`;

export function sayDifference(difference: PlanDifference): string {
  switch (difference.code) {
    case 'resin':
      return `Resin: ${difference.to}, no longer ${difference.from}.`;
    case 'layers':
      return `${difference.to} layers, no longer ${difference.from}.`;
    case 'batch':
      return `Layer ${difference.layer + 1}: ${sayBatch(difference.to)}, no longer ${sayBatch(difference.from)}.`;
    case 'batch-new':
      return `Layer ${difference.layer + 1}: a batch more.`;
    case 'batch-gone':
      return `Layer ${difference.layer + 1}: a batch less.`;
  }
}

/** What is looked at before anything is mixed, besides what the list of preparations names. */
export function sayReadyLines({
  hasGear,
  hasLevel,
  hasCups,
  joint,
  torchAndAlcohol,
  onCoat,
}: {
  readonly hasGear: boolean;
  readonly hasLevel: boolean;
  readonly hasCups: boolean;
  /** How the layer joins the one below; undefined for the first. */
  readonly joint: 'tacky' | 'scuff' | 'halves' | undefined;
  readonly torchAndAlcohol: boolean;
  /** It is a coat that goes on another layer of the same coat. */
  readonly onCoat: boolean;
}): readonly { readonly id: string; readonly text: string }[] {
  return [
    ...(joint === 'tacky'
      ? [{ id: 'touch', text: 'Touch it with a glove: sticky, and nothing comes off' }]
      : []),
    ...(joint === 'halves'
      ? [
          { id: 'turned', text: 'Turned over, the clay off, and the piece still in its half' },
          {
            id: 'released',
            text: 'Release on all of the rubber, twice: it sticks to itself for good',
          },
        ]
      : []),
    ...(joint === 'scuff'
      ? [{ id: 'scuffed', text: 'Hard, scuffed all over, wiped, and the alcohol has dried off' }]
      : []),
    ...(onCoat ? [{ id: 'look', text: 'Look at the coat below: does it ask for another?' }] : []),
    ...(hasGear ? [] : [{ id: 'gloves', text: 'Gloves and eye protection on, fresh air' }]),
    ...(hasLevel ? [] : [{ id: 'levelled', text: 'Mould level both ways' }]),
    ...(hasCups ? [] : [{ id: 'cups', text: 'Cups marked A and B, wiped, caps not swapped' }]),
    ...(torchAndAlcohol
      ? [
          {
            id: 'fire',
            text: 'Alcohol off this bench before the torch comes on it: that is a fire',
          },
        ]
      : []),
  ];
}
