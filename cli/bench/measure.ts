import { measureChannel } from '../../src/core/measure/channel/channel';
import type { Station } from '../../src/core/measure/channel/station';
import { crossesAt } from '../../src/core/measure/outline/crossings';
import { signedArea } from '../../src/core/measure/outline/polygon';
import { tracedArea } from '../../src/core/measure/outline/traced';
import { medianTime, type BenchFigure } from './figure';
import { outline5000 } from './outlines';

/** A live edge of 200 stations, each with a depth of its own. */
function stations200(): readonly Station[] {
  return Array.from({ length: 200 }, (_, index) => ({
    atMm: 13 * index + (index % 3),
    widthMm: 70 + 20 * Math.sin(index / 7) + 5 * Math.sin(index * 1.7),
    depthMm: 45 + 4 * Math.cos(index / 11),
  }));
}

/** A channel of 200 stations; an outline of 5 000 points, whole and while one of its points is dragged. */
export function benchMeasure(): readonly BenchFigure[] {
  const stations = stations200();
  const outline = outline5000();
  const scale = { by: 'length', ends: [0, 0, 900, 0], lengthMm: 300 } as const;
  let dragged = 0;
  return [
    medianTime('measure.channel200', 300, () => void measureChannel(stations, 1)),
    medianTime('outline.drag5000', 300, () => {
      dragged = (dragged + 7) % 5000;
      outline[2 * dragged]! += 0.5;
      crossesAt([outline], 0, dragged);
      signedArea(outline);
    }),
    medianTime('outline.area5000', 100, () => void tracedArea([outline], scale, 1)),
  ];
}
