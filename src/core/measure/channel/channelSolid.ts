import { hairMm } from '../../quantity/tolerance';
import { rising } from '../form/slabs';
import type { Slab } from '../form/slab';
import type { Solid } from '../form/solid';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { Station } from './station';

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

/** Level areas of the slabs between these borders, three coefficients each. */
class AreaSums {
  readonly areas: Float64Array;
  /** What stretches that are wet all along add from each slab on. */
  private readonly fromHere: Float64Array;

  constructor(private readonly bordersMm: readonly number[]) {
    this.areas = new Float64Array(3 * bordersMm.length);
    this.fromHere = new Float64Array(bordersMm.length + 1);
  }

  /** The first slab that begins at or over a floor. */
  private slabAt(floorMm: number): number {
    let low = 0;
    let high = this.bordersMm.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.bordersMm[middle]! < floorMm - hairMm) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  /**
   * Adds one stretch. The resin reaches along its rising floor to the share s = (h − low) / (high − low); the area
   * up to there is L(w₀s + (w₁ − w₀)s²/2): a quadratic in h. Over its higher end it is wet all along.
   */
  add({ lengthMm, lowFloorMm, highFloorMm, widthAtLowMm, widthAtHighMm }: Stretch): void {
    const { areas, bordersMm } = this;
    const full = this.slabAt(highFloorMm);
    const perMm = 1 / (highFloorMm - lowFloorMm);
    const widening = (widthAtHighMm - widthAtLowMm) / 2;
    for (let slab = this.slabAt(lowFloorMm); slab < full; slab += 1) {
      const start = (bordersMm[slab]! - lowFloorMm) * perMm;
      areas[3 * slab]! += lengthMm * (widthAtLowMm * start + widening * start * start);
      areas[3 * slab + 1]! += lengthMm * perMm * (widthAtLowMm + 2 * widening * start);
      areas[3 * slab + 2]! += lengthMm * widening * perMm * perMm;
    }
    this.fromHere[full]! += (lengthMm * (widthAtLowMm + widthAtHighMm)) / 2;
  }

  slabs(topMm: number): readonly Slab[] {
    let full = 0;
    return this.bordersMm.map((fromMm, slab): Slab => {
      full += this.fromHere[slab]!;
      const at = 3 * slab;
      return {
        fromMm,
        toMm: this.bordersMm[slab + 1] ?? topMm,
        areaMm2: [full + this.areas[at]!, this.areas[at + 1]!, this.areas[at + 2]!],
      };
    });
  }
}

/**
 * The form of a channel whose top is level and whose width and depth run straight between stations.
 * @param stations at least two, places rising
 */
export function channelSolid(stations: readonly Station[]): Solid {
  const deepestMm = Math.max(...stations.map(({ depthMm }) => depthMm));
  const floors = rising([...stations.map(({ depthMm }) => deepestMm - depthMm), 0]);
  const bordersMm = floors.filter(
    (floorMm, index) => index === 0 || floorMm - (floors[index - 1] ?? 0) > hairMm,
  );
  const sums = new AreaSums(bordersMm);
  for (const stretch of stretches(stations, deepestMm)) sums.add(stretch);
  const slabs = sums.slabs(deepestMm);
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
