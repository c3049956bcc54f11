import type { Job } from '../core/job/jobSchema';
import { pieceOf, type DrawnPart } from '../core/plan/piece/pieceOf';
import type { PieceThing } from '../core/plan/piece/things';
import { countOf } from '../core/plan/reasons';
import type { Plan, PlannedLayer, PourPlan } from '../core/plan/planTypes';
import { capital, sayDegrees, sayG, sayHeight, sayMl, sayMm } from './figures';
import { bandNames, saySolid } from './heat';
import { sayJoint } from './layers';
import { shapeNames } from './names';
import { sayJoins, sayPlace, sayPour } from './pours';
import { sayRoughly } from './rough';
import { sayPouredShort, sayResin } from './sheet';

/** A thing of the piece in words: what it is, its one figure, the rest a line each, and why it is so. */
export interface ToldThing {
  readonly name: string;
  readonly figure: string;
  readonly rows: readonly (readonly [label: string, value: string])[];
  readonly reason: string | undefined;
}

export const sayPartName = ({ part }: Pick<DrawnPart, 'part'>): string =>
  `${part.name ?? shapeNames[part.shape]}${part.count > 1 ? ` × ${part.count}` : ''}`;

const sayLayerName = (plan: Plan, pour: PourPlan, layer: number): string => {
  const several = pour.layers.length > 1;
  if (plan.pours.length === 1) return several ? `Layer ${layer + 1}` : 'The pour';
  return several ? `${sayPour(pour)}, layer ${layer + 1}` : sayPour(pour);
};

function sayBatches({ batches }: PlannedLayer): string {
  return batches
    .map((batch) => {
      const { a, b, unit } = sayPouredShort(batch);
      const pair = b === undefined ? `${a} ${unit}` : `${a} + ${b} ${unit}`;
      const colour = batch.colour === undefined ? '' : `${batch.colour} `;
      return `${colour}${batch.count > 1 ? `${batch.count} × ` : ''}${pair}`;
    })
    .join(', ');
}

/** The depth of a layer, and the most that the resin takes there. */
function sayDepth({ fromMm, toMm }: PlannedLayer, { cut }: PourPlan): string | undefined {
  if (fromMm === undefined || toMm === undefined) return undefined;
  const deep = sayHeight(toMm - fromMm);
  return cut.takesMm === undefined ? deep : `${deep} of ${sayMm(cut.takesMm)} at most`;
}

function tellLayer(plan: Plan, pour: PourPlan, index: number): ToldThing {
  const layer = pour.layers[index]!;
  const depth = sayDepth(layer, pour);
  const { cure, joint } = layer;
  const hours = (h: number | undefined): string =>
    h === undefined ? 'not here' : sayRoughly(h * 60);
  const count = countOf(layer.batches);
  return {
    name: sayLayerName(plan, pour, index),
    figure: `${sayMl(layer.ml)} · ${sayG(layer.g)}`,
    rows: [
      ['Resin', sayResin(pour)],
      [count === 1 ? 'One batch' : `${count} batches`, sayBatches(layer)],
      ...(depth === undefined ? [] : [['Depth', depth] as const]),
      ...(cure === undefined
        ? []
        : [
            [
              'Peak',
              `about ${sayDegrees(cure.peakC)}, ${bandNames[cure.band].toLowerCase()}`,
            ] as const,
            ['Gels after', hours(cure.gelH)] as const,
            ['Out of the mould after', hours(cure.demouldH)] as const,
          ]),
    ],
    reason: joint === undefined ? undefined : sayJoint(joint),
  };
}

function tellFace(plan: Plan, pour: PourPlan): ToldThing {
  return {
    name: sayPour(pour),
    figure: `${sayMl(pour.totalMl)} · ${sayG(pour.totalG)}`,
    rows: [
      ['Resin', sayResin(pour)],
      ['Covers', sayPlace(pour, plan)],
      ...pour.layers.map(
        (layer, index) =>
          [pour.layers.length > 1 ? `Coat ${index + 1}` : 'Batches', sayBatches(layer)] as const,
      ),
    ],
    reason: pour.joins === undefined ? undefined : sayJoins(pour.joins, pour.role),
  };
}

function tellInsert({ inserts, part }: DrawnPart, index: number): ToldThing {
  const { name, shape, count, ml, heightMm, topMm, densityGPerMl } = inserts[index]!;
  return {
    name: `${name ?? shapeNames[shape]}${count > 1 ? ` × ${count}` : ''}`,
    figure: sayMl(ml),
    rows: [
      ['Stands', heightMm === 0 ? 'on the floor' : `${sayHeight(heightMm)} over the floor`],
      ['Its top', `${sayHeight(topMm)} over the floor`],
      ['Density', densityGPerMl === undefined ? 'not given' : `${densityGPerMl} g/ml`],
    ],
    reason:
      part.depthMm !== undefined && topMm > part.depthMm
        ? 'What stands over the rim takes up no resin.'
        : 'That much less resin is poured.',
  };
}

function sayWall(job: Job | undefined, which: 'floor' | 'side'): string {
  const wall = job?.heat?.[which];
  return wall === undefined
    ? 'as usual for its kind'
    : `${saySolid[wall.material]}, ${wall.thickness}`;
}

function tellForm(drawn: DrawnPart, job: Job | undefined): ToldThing {
  const { part } = drawn;
  return {
    name: part.shape === 'channel' ? 'Timber' : `Form of ${sayPartName(drawn)}`,
    figure: `holds ${sayMl(part.ml)}`,
    rows: [
      ['Sides', sayWall(job, 'side')],
      ['Floor', sayWall(job, 'floor')],
      ...(part.depthMm === undefined ? [] : [['Depth', sayHeight(part.depthMm)] as const]),
    ],
    reason: undefined,
  };
}

/**
 * What there is to say of a thing of the piece.
 * @param job that the plan is of: it says what the form is made of
 */
export function tellThing(
  plan: Plan,
  thing: PieceThing,
  job: Job | undefined,
): ToldThing | undefined {
  const drawn = pieceOf(plan)[thing.part];
  if (drawn === undefined) return undefined;
  switch (thing.kind) {
    case 'layer': {
      const pour = plan.pours[thing.pour];
      return pour?.layers[thing.layer] && tellLayer(plan, pour, thing.layer);
    }
    case 'face': {
      const pour = plan.pours[thing.pour];
      return pour && tellFace(plan, pour);
    }
    case 'insert':
      return drawn.inserts[thing.insert] && tellInsert(drawn, thing.insert);
    case 'form':
      return tellForm(drawn, job);
  }
}

/** The same on one line: for the one who hears the Section. */
export function sayThing(plan: Plan, thing: PieceThing, job?: Job): string {
  const told = tellThing(plan, thing, job);
  if (told === undefined) return '';
  const depth = told.rows.find(([label]) => label === 'Depth' || label === 'Stands');
  return capital([told.name, told.figure, depth?.[1]].filter(Boolean).join(', '));
}
