import { createContext } from 'react';
import { G, Path } from 'react-native-svg';
import type { DrawnPart } from '../../core/plan/piece/pieceOf';
import { useColours } from '../theme/theme';
import { cavityPaths } from './cavityPaths';
import { placedInserts } from './placedInserts';
import { widestMm } from './outlines';
import type { PlacedCavity } from './sectionLayout';

/** What of a piece lifts, and which of its walls are braced: drawn in the Section. */
export interface HoldDrawn {
  /** Inserts of the form, by their places among its inserts as they are typed. */
  readonly lifting: readonly number[];
  /** Slabs beside the cavity lift. */
  readonly slabsLift: boolean;
  /** Parts of the form whose walls have, or need, braces. */
  readonly braced: readonly number[];
}

export const HoldDrawnContext = createContext<HoldDrawn | undefined>(undefined);

interface HoldMarksProps {
  readonly cavity: PlacedCavity;
  readonly drawn: DrawnPart;
  readonly hold: HoldDrawn;
  /** The place of an insert of this part among all of the form. */
  readonly placeOf: (insert: DrawnPart['inserts'][number]) => number;
}

const [shaftDp, headDp] = [16, 5];

/** Upwards, its foot at a point. */
const arrow = (x: number, foot: number): string =>
  `M${x} ${foot}v${-shaftDp}M${x - headDp} ${foot - shaftDp + headDp}L${x} ${foot - shaftDp}L${x + headDp} ${foot - shaftDp + headDp}`;

/** Arrows on what floats, and braces against walls that would bow. */
export function HoldMarks({ cavity, drawn, hold, placeOf }: HoldMarksProps) {
  const colours = useColours();
  const { part, formPart } = drawn;
  const { centreX, acrossPerMm, floorY, wallDp } = cavity;
  if (formPart === undefined) return null;
  const { y } = cavityPaths(cavity);
  const lifted = placedInserts(drawn.inserts, part.outline).filter(({ insert }) =>
    hold.lifting.includes(placeOf(insert)),
  );
  const half = (widestMm(part.outline) / 2) * acrossPerMm;
  const outer = half + wallDp;
  const rimY = y(cavity.depthMm);
  const braceDp = Math.min(18, floorY - rimY);
  return (
    <G testID={`hold-${formPart + 1}`}>
      {lifted.map(({ key, insert, middleMm }) => (
        <Path
          key={key}
          d={arrow(
            centreX + middleMm * acrossPerMm,
            (y(insert.topMm) + y(insert.heightMm)) / 2 + shaftDp / 2,
          )}
          fill="none"
          stroke={colours.ink}
          strokeWidth={2.2}
        />
      ))}
      {hold.slabsLift &&
        [-1, 1].map((side) => (
          <Path
            key={side}
            d={arrow(centreX + side * (half + wallDp / 2), (floorY + rimY) / 2 + shaftDp / 2)}
            fill="none"
            stroke={colours.ink}
            strokeWidth={2.2}
          />
        ))}
      {hold.braced.includes(formPart) &&
        [-1, 1].map((side) => (
          <Path
            key={side}
            d={`M${centreX + side * outer} ${floorY - braceDp}V${floorY}H${centreX + side * (outer + braceDp * 0.7)}Z`}
            fill={colours.wall}
            stroke={colours.ink}
            strokeWidth={1}
          />
        ))}
    </G>
  );
}
