import { rising } from '../form/slabs';
import type { Slab } from '../form/slab';
import type { Solid } from '../form/solid';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { Station } from './station';

/** Floors closer than this are one: no tape tells them apart, and a quadratic over less is all rounding. */
const sameFloorMm = 1e-6;

/** One stretch between stations, with the height of its floor over the deepest one at its lower and higher end. */
interface Stretch {
  readonly lengthMm: number;
  readonly lowFloorMm: number;
  readonly highFloorMm: number;
  readonly widthAtLowMm: number;
  readonly widthAtHighMm: number;
}

function stretches(stations: readonly Station[], deepestMm: number): readonly Stretch[] {
  return stations.slice(1).map((right, index) => {
    const left = stations[index] ?? right;
    const [low, high] = left.depthMm >= right.depthMm ? [left, right] : [right, left];
    return {
      lengthMm: right.atMm - left.atMm,
      lowFloorMm: deepestMm - low.depthMm,
      highFloorMm: deepestMm - high.depthMm,
      widthAtLowMm: low.widthMm,
      widthAtHighMm: high.widthMm,
    };
  });
}

/**
 * Level area of one stretch over a slab of heights that none of its ends lies inside.
 * The resin reaches along the rising floor to the share s = (h − low) / (high − low); the area up to there is
 * L(w₀s + (w₁ − w₀)s²/2): a quadratic in h.
 */
function areaOver(
  stretch: Stretch,
  fromMm: number,
  toMm: number,
): readonly [number, number, number] {
  const { lengthMm, lowFloorMm, highFloorMm, widthAtLowMm, widthAtHighMm } = stretch;
  const middleMm = (fromMm + toMm) / 2;
  if (middleMm >= highFloorMm) return [(lengthMm * (widthAtLowMm + widthAtHighMm)) / 2, 0, 0];
  if (middleMm <= lowFloorMm) return [0, 0, 0];
  const riseMm = highFloorMm - lowFloorMm;
  const start = (fromMm - lowFloorMm) / riseMm;
  const perMm = 1 / riseMm;
  const widening = (widthAtHighMm - widthAtLowMm) / 2;
  return [
    lengthMm * (widthAtLowMm * start + widening * start ** 2),
    lengthMm * perMm * (widthAtLowMm + 2 * widening * start),
    lengthMm * widening * perMm ** 2,
  ];
}

/**
 * The form of a channel whose top is level and whose width and depth run straight between stations.
 * @param stations at least two, places rising
 */
export function channelSolid(stations: readonly Station[]): Solid {
  const deepestMm = Math.max(...stations.map(({ depthMm }) => depthMm));
  const floors = rising([...stations.map(({ depthMm }) => deepestMm - depthMm), 0]);
  const bordersMm = floors.filter(
    (floorMm, index) => index === 0 || floorMm - (floors[index - 1] ?? 0) > sameFloorMm,
  );
  const all = stretches(stations, deepestMm);
  const slabs = bordersMm.map((fromMm, index): Slab => {
    const toMm = bordersMm[index + 1] ?? deepestMm;
    const areaMm2: [number, number, number] = [0, 0, 0];
    for (const stretch of all) {
      const [c0, c1, c2] = areaOver(stretch, fromMm, toMm);
      areaMm2[0] += c0;
      areaMm2[1] += c1;
      areaMm2[2] += c2;
    }
    return { fromMm, toMm, areaMm2 };
  });
  const first = stations[0];
  const last = stations.at(-1);
  const lengthMm = (last?.atMm ?? 0) - (first?.atMm ?? 0);
  const widthAt = (areaMm2: number): number => areaMm2 / lengthMm;
  const top = slabs.at(-1);
  const solid = solidOfSlabs(slabs, []);
  return {
    ...solid,
    // Cut across, it is as wide as the channel is on average at that height.
    outline: bordersMm.concat(deepestMm).map((heightMm) => ({
      heightMm,
      widthMm: widthAt(
        heightMm === 0
          ? (slabs[0]?.areaMm2[0] ?? 0)
          : solid.areaAtMm2(Math.min(heightMm, top?.toMm ?? heightMm)),
      ),
    })),
  };
}
