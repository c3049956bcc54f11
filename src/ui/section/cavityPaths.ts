import type { DrawnFace, DrawnLayer } from '../../core/plan/piece/pieceOf';
import { bends, halfWidthAt, isPouredRound, spanAt, widestMm } from './outlines';
import { freeboardDp, type PlacedCavity } from './sectionLayout';

/** A layer of a cavity, no higher than its rim. */
export interface LayerInCavity {
  readonly layer: DrawnLayer;
  readonly index: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** So little under the rim a body is cut where it is open there. */
const hairMm = 0.01;

/** How far inside of a wall a mark along it is drawn, dp. */
const besideWallDp = 3;

/** How far a face that lies level is drawn over what it lies on, dp. */
const overFaceDp = 1.5;

/** Where everything of a cut cavity lies on the screen, as paths. */
export function cavityPaths(cavity: PlacedCavity) {
  const { centreX, floorY, acrossPerMm, upPerMm, depthMm, part, wallDp, floorDp } = cavity;
  const x = (heightMm: number, side: 1 | -1): number =>
    centreX + side * halfWidthAt(part.outline, heightMm) * acrossPerMm;
  const y = (heightMm: number): number => floorY - heightMm * upPerMm;
  const rim = y(depthMm) - freeboardDp;
  const wall = (side: 1 | -1, fromMm: number, toMm: number): string[] =>
    bends(part.outline, fromMm, toMm).map((heightMm) => `${x(heightMm, side)} ${y(heightMm)}`);

  const isRound = isPouredRound(part);
  /** The true cut of a mesh; what lies in an odd number of its rings is inside. */
  const rings = part.cut
    ?.map((ring) => {
      const points = Array.from(
        { length: ring.length / 2 },
        (_, at) => `${centreX + ring[2 * at]! * acrossPerMm} ${y(ring[2 * at + 1]!)}`,
      );
      return `M${points.join('L')}Z`;
    })
    .join('');

  const halfDp = (widestMm(part.outline) / 2) * acrossPerMm;
  const bounds = isRound ? undefined : rings;
  /** How far what is poured reaches: to its walls, or as far as its true cut lets it be seen. */
  const reach = (heightMm: number, side: 1 | -1): number =>
    bounds === undefined ? x(heightMm, side) : centreX + side * halfDp;

  /** A form with flat sides, all of it but the opening over the rim and a body that fills its true cut. */
  function formRound(body: string): string {
    const [left, right] = [centreX - halfDp - wallDp, centreX + halfDp + wallDp];
    const { middleMm, halfMm } = spanAt(part, depthMm - hairMm);
    const [openFrom, openTo] = [-1, 1].map(
      (side) => centreX + (middleMm + side * halfMm) * acrossPerMm,
    );
    const opening = `M${openFrom} ${rim}H${openTo}V${y(depthMm)}H${openFrom}Z`;
    return `M${left} ${rim}H${right}V${floorY + floorDp}H${left}Z${opening}${body}`;
  }

  /** The form stands around the cavity at its widest; a coat lies on a board and has no sides. */
  function form(): string {
    if (bounds !== undefined) return formRound(bounds);
    if (part.shape === 'coat') {
      return `M${x(0, -1)} ${floorY}h${x(0, 1) - x(0, -1)}v${floorDp}H${x(0, -1)}Z`;
    }
    if (part.detail?.kind === 'dome') {
      // It stands on its board, or over the rim of its bezel.
      const top = y(part.detail.recessMm);
      const [left, right] = [x(0, -1), x(0, 1)];
      return `M${left - wallDp} ${top}V${floorY + floorDp}H${right + wallDp}V${top}H${right}V${floorY}H${left}V${top}Z`;
    }
    const widest = Math.max(...part.outline.map(({ heightMm }) => x(heightMm, 1))) - centreX;
    const straight = part.outline.length === 2;
    const outer = (side: 1 | -1): readonly [string, string] => [
      `${(straight ? x(depthMm, side) : centreX + side * widest) + side * wallDp} ${rim}`,
      `${(straight ? x(0, side) : centreX + side * widest) + side * wallDp} ${floorY + floorDp}`,
    ];
    const [leftTop, leftFoot] = outer(-1);
    const [rightTop, rightFoot] = outer(1);
    const inside = [
      `${x(depthMm, 1)} ${rim}`,
      ...wall(1, 0, depthMm).reverse(),
      ...wall(-1, 0, depthMm),
      `${x(depthMm, -1)} ${rim}`,
    ];
    return `M${leftTop}L${leftFoot}L${rightFoot}L${rightTop}L${inside.join('L')}Z`;
  }

  return {
    reach,
    /** What bounds everything that is poured where a mesh is filled: its true cut. */
    bounds,
    /** Both sides of the cavity, from the floor to the rim. */
    edges: (): string =>
      ([-1, 1] as const).map((side) => `M${wall(side, 0, depthMm).join('L')}`).join(''),
    x,
    y,
    rim,
    form,
    layersIn: (layers: readonly DrawnLayer[]): readonly LayerInCavity[] =>
      layers.flatMap((layer, index) => {
        const { fromMm = 0, toMm = depthMm } = layer;
        return fromMm >= depthMm ? [] : [{ layer, index, fromMm, toMm: Math.min(toMm, depthMm) }];
      }),
    /** A stretch of height between two shares of the width, 0 at the left wall and 1 at the right one. */
    body(fromMm: number, toMm: number, from: number, to: number): string {
      const edge = (share: number): string[] =>
        bends(part.outline, fromMm, toMm).map(
          (heightMm) =>
            `${reach(heightMm, -1) + share * (reach(heightMm, 1) - reach(heightMm, -1))} ${y(heightMm)}`,
        );
      return `M${edge(from).join('L')}L${edge(to).reverse().join('L')}Z`;
    },
    /** A mark along both walls, between two heights. */
    held(fromMm: number, toMm: number): string {
      return ([-1, 1] as const)
        .map((side) => `M${reach(fromMm, side) - side * besideWallDp} ${y(fromMm)}V${y(toMm)}`)
        .join('');
    },
    /** A rod that stands in it. */
    rod(xMm: number, widthMm: number, fromMm: number, toMm: number): string {
      const left = centreX + (xMm - widthMm / 2) * acrossPerMm;
      return `M${left} ${y(fromMm)}h${widthMm * acrossPerMm}V${y(toMm)}H${left}Z`;
    },
    /** A face that a pour covers, as a line. */
    face({ sides, floor, surface, upToMm }: DrawnFace): string {
      const topMm = Math.min(upToMm, depthMm);
      return [
        ...(sides ? [`M${wall(-1, 0, topMm).join('L')}`, `M${wall(1, 0, topMm).join('L')}`] : []),
        ...(floor ? [`M${x(0, -1)} ${y(0)}L${x(0, 1)} ${y(0)}`] : []),
        ...(surface
          ? [`M${x(topMm, -1)} ${y(topMm) - overFaceDp}L${x(topMm, 1)} ${y(topMm) - overFaceDp}`]
          : []),
      ].join('');
    },
    /** What is poured round: the core of a ring, the master in a mould box; nothing where there is none. */
    core(): string | undefined {
      if (rings !== undefined && isRound) return rings;
      const core = part.outline.filter(({ holeMm }) => holeMm !== undefined);
      if (!core.some(({ holeMm = 0 }) => holeMm > 0)) return undefined;
      const edge = (side: 1 | -1): string[] =>
        core.map(
          ({ heightMm, holeMm = 0 }) =>
            `${centreX + (side * holeMm * acrossPerMm) / 2} ${y(heightMm)}`,
        );
      return `M${edge(-1).join('L')}L${edge(1).reverse().join('L')}Z`;
    },
  };
}
