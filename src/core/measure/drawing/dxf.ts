import { isUnder } from '../../quantity/tolerance';
import Parser from 'dxf-parser';
import type {
  IArcEntity,
  ICircleEntity,
  IDxf,
  IEllipseEntity,
  IEntity,
  IInsertEntity,
  ILineEntity,
} from 'dxf-parser';
import { InputError } from '../../problem';
import { arcPoints } from './curves';
import { checkDxfStructure } from './dxfStructure';
import { ChainList, drawingOf, type Chain, type Drawing } from './drawing';
import {
  LightPolylineHandler,
  PolylineHandler,
  SplineHandler,
  type DxfSpline,
  type DxfVertex,
  type LightPolyline,
} from './dxfEntities';
import { splinePoints } from './spline';

/** $INSUNITS of the header, mm per unit; 0 and the rest tell nothing that a caster uses. */
const mmByInsUnits: Readonly<Record<number, number>> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 };

const deepestInserts = 8;
const mostInserted = 20_000;
const fullTurn = 2 * Math.PI;

/** From one angle anticlockwise to another, above 0 and a full turn at the most, radians. */
function sweepOf(from: number, to: number): number {
  const sweep = (to - from) % fullTurn;
  return sweep > 0 ? sweep : sweep + fullTurn;
}

/** Points of an arc, the first included. */
function arc(
  cx: number,
  cy: number,
  rx: number,
  ry: number,
  turn: number,
  from: number,
  sweep: number,
): number[] {
  const start = arcPoints(cx, cy, rx, ry, turn, from, 0).slice(0, 2);
  return [...start, ...arcPoints(cx, cy, rx, ry, turn, from, sweep)];
}

/** Points from one vertex to the next: straight, or the arc whose quarter angle's tangent is the bulge. */
function bulgePoints(from: DxfVertex, to: DxfVertex): number[] {
  const bulge = from.bulge ?? 0;
  if (bulge === 0) return [to.x, to.y];
  const sweep = 4 * Math.atan(bulge);
  const chordX = to.x - from.x;
  const chordY = to.y - from.y;
  const chord = Math.hypot(chordX, chordY);
  if (chord === 0) return [to.x, to.y];
  const radius = chord / 2 / Math.sin(Math.abs(sweep) / 2);
  // The centre lies off the chord's middle, to the left for an anticlockwise arc below a half turn.
  const off = (Math.sign(bulge) * Math.sqrt(Math.max(0, radius ** 2 - (chord / 2) ** 2))) / chord;
  const wide = Math.abs(bulge) > 1 ? -1 : 1;
  const cx = (from.x + to.x) / 2 - wide * off * chordY;
  const cy = (from.y + to.y) / 2 + wide * off * chordX;
  const start = Math.atan2(from.y - cy, from.x - cx);
  const points = arcPoints(cx, cy, radius, radius, 0, start, sweep);
  points.splice(-2, 2, to.x, to.y);
  return points;
}

function polylinePoints(vertices: readonly DxfVertex[], closed: boolean): number[] {
  const [first] = vertices;
  if (first === undefined) return [];
  const points = [first.x, first.y];
  vertices.slice(1).forEach((vertex, index) => {
    points.push(...bulgePoints(vertices[index] ?? first, vertex));
  });
  const last = vertices.at(-1);
  if (closed && last !== undefined && (last.bulge ?? 0) !== 0) {
    points.push(...bulgePoints(last, first).slice(0, -2));
  }
  return points;
}

function splineChain(spline: DxfSpline, layer: string): Chain {
  const controls = spline.controlPoints.map(({ x, y }) => [x, y] as const);
  const points =
    controls.length === 0
      ? spline.fitPoints.flatMap(({ x, y }) => [x, y])
      : splinePoints({
          degree: spline.degree,
          controls,
          weights: spline.weights.length > 0 ? spline.weights : controls.map(() => 1),
          knots: spline.knotValues,
        });
  return { points, closed: spline.closed, layer };
}

/** The chain that one entity draws; nothing for entities that draw no line. */
function chainOf(entity: IEntity): Chain | undefined {
  const layer = entity.layer ?? '';
  switch (entity.type) {
    case 'LINE': {
      const [from, to] = (entity as ILineEntity).vertices;
      return from && to && { points: [from.x, from.y, to.x, to.y], closed: false, layer };
    }
    case 'LWPOLYLINE':
    case 'POLYLINE': {
      const { vertices, shape } = entity as unknown as LightPolyline;
      return { points: polylinePoints(vertices, shape), closed: shape, layer };
    }
    case 'CIRCLE': {
      const { center, radius } = entity as ICircleEntity;
      const points = arcPoints(center.x, center.y, radius, radius, 0, 0, fullTurn);
      return { points, closed: true, layer };
    }
    case 'ARC': {
      const { center, radius, startAngle, endAngle } = entity as IArcEntity;
      const sweep = sweepOf(startAngle, endAngle);
      const points = arc(center.x, center.y, radius, radius, 0, startAngle, sweep);
      return { points, closed: false, layer };
    }
    case 'ELLIPSE': {
      const { center, majorAxisEndPoint, axisRatio, startAngle, endAngle } =
        entity as IEllipseEntity;
      const { x, y } = majorAxisEndPoint;
      const major = Math.hypot(x, y);
      const sweep = sweepOf(startAngle, endAngle);
      const whole = !isUnder(sweep, fullTurn);
      const draw = whole ? arcPoints : arc;
      const points = draw(
        center.x,
        center.y,
        major,
        major * axisRatio,
        Math.atan2(y, x),
        startAngle,
        sweep,
      );
      return { points, closed: whole, layer };
    }
    case 'SPLINE':
      return splineChain(entity as unknown as DxfSpline, layer);
    default:
      return undefined;
  }
}

type Place = (points: readonly number[]) => number[];

/** Entities drawn on a plane that faces away are seen from behind: their x runs the other way. */
const seenFromBehind = (entity: IEntity): boolean =>
  (entity as { readonly extrusionDirectionZ?: number }).extrusionDirectionZ === -1;

const mirrored = (points: readonly number[]): number[] =>
  points.map((value, at) => (at % 2 === 0 ? -value : value));

function placeOf(insert: IInsertEntity, base: { readonly x: number; readonly y: number }): Place {
  const turn = ((insert.rotation ?? 0) * Math.PI) / 180;
  const [sine, cosine] = [Math.sin(turn), Math.cos(turn)];
  const [scaleX, scaleY] = [insert.xScale ?? 1, insert.yScale ?? 1];
  return (points) => {
    const placed: number[] = [];
    for (let at = 0; at < points.length; at += 2) {
      const x = (points[at]! - base.x) * scaleX;
      const y = (points[at + 1]! - base.y) * scaleY;
      placed.push(
        insert.position.x + x * cosine - y * sine,
        insert.position.y + x * sine + y * cosine,
      );
    }
    return placed;
  };
}

function parsed(text: string): IDxf {
  checkDxfStructure(text);
  const parser = new Parser();
  // The parser takes any class that reads one entity; its types name only its own base.
  const register = parser.registerEntityHandler.bind(parser) as unknown as (
    handler: new () => object,
  ) => void;
  register(LightPolylineHandler);
  register(PolylineHandler);
  register(SplineHandler);
  try {
    const dxf = parser.parseSync(text);
    if (dxf?.entities !== undefined) return dxf;
  } catch (error) {
    throw new InputError('not-dxf', error instanceof Error ? error.message : undefined);
  }
  throw new InputError('not-dxf', undefined);
}

/**
 * Reads the outlines of a DXF drawing: LWPOLYLINE and POLYLINE with bulges, LINE, ARC, CIRCLE, ELLIPSE, SPLINE,
 * and blocks where they are inserted. What is on paper space or a frozen layer is left out.
 * @param text the whole file
 * @throws InputError `dxf-broken`, `not-dxf`, `spline-broken`, `drawing-too-large` and those of `drawingOf`
 */
export function readDxf(text: string): Drawing {
  const dxf = parsed(text);
  const layers = dxf.tables?.layer?.layers ?? {};
  const list = new ChainList();
  const ignored: string[] = [];
  let inserted = 0;
  const draw = (entities: readonly IEntity[], places: readonly Place[]): void => {
    for (const entity of entities) {
      const layer = layers[entity.layer];
      if (entity.inPaperSpace || layer?.frozen === true || layer?.visible === false) continue;
      if (entity.type === 'INSERT') {
        const insert = entity as IInsertEntity;
        const block = dxf.blocks?.[insert.name];
        inserted += 1;
        if (places.length >= deepestInserts || inserted > mostInserted) {
          throw new InputError('drawing-too-large', inserted, { most: mostInserted });
        }
        if (block?.entities !== undefined) {
          const base = block.position ?? { x: 0, y: 0 };
          draw(block.entities, [placeOf(insert, base), ...places]);
        }
        continue;
      }
      const chain = chainOf(entity);
      if (chain === undefined) {
        ignored.push(entity.type.toLowerCase());
        continue;
      }
      const own = seenFromBehind(entity) ? mirrored(chain.points) : chain.points;
      const points = places.reduce<readonly number[]>((at, place) => place(at), own);
      list.add({ ...chain, points: [...points] });
    }
  };
  try {
    draw(dxf.entities, []);
  } catch (error) {
    if (error instanceof InputError) throw error;
    // An entity without its centre, radius or vertices: the parser leaves out what the file leaves out.
    throw new InputError('not-dxf', error instanceof Error ? error.message : undefined);
  }
  const units = dxf.header?.['$INSUNITS'];
  return drawingOf(
    list.chains,
    typeof units === 'number' ? mmByInsUnits[units] : undefined,
    ignored,
  );
}
