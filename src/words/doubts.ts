import { twoStationShare } from '../core/measure/channel/channel';
import { tapSquares } from '../core/measure/outline/traced';
import { ovalShare } from '../core/measure/parts/measureRectangles';
import type { ByRule, Doubt } from '../core/measure/doubt';
import { formatPlain } from '../core/quantity/format';
import { sayC, sayMl, sayMm, sayPart, sayPercent } from './figures';
import { fieldNames } from './names';

type Told = Pick<Doubt, 'plusMinusMl' | 'errs'>;

/** ± as it stands beside a volume: ± 30.5 ml, or how far it may be off to one side. */
export function sayPlusMinus({ plusMinusMl, errs }: Told): string {
  switch (errs) {
    case 'either':
      return `±\u00a0${sayMl(plusMinusMl)}`;
    case 'high':
      return `may be ${sayMl(plusMinusMl)} high`;
    case 'low':
      return `may be ${sayMl(plusMinusMl)} low`;
  }
}

/** Where the doubt of a measurement comes from. */
export function sayDoubt({ rule, data }: ByRule): string {
  switch (rule) {
    case 'as-given':
      return 'As you gave it; nothing was measured here.';
    case 'reading': {
      const most = data.most === undefined ? undefined : fieldNames[data.most]?.toLowerCase();
      const from = most === undefined ? '' : ` Most of it comes from the ${most}.`;
      return `The tape is read to ${sayMm(data.stepMm)}, so each length may be half of that off.${from}`;
    }
    case 'dome':
      return `The tape is read to ${sayMm(data.stepMm)}; its weight flattens a dome, so that its shoulders may hold ${sayMl(data.fullerMl)} more.`;
    case 'stations':
      return `${sayMl(data.curveMl)} from how the edge bends between ${data.stations} stations, ${sayMl(data.readingMl)} from reading the tape.`;
    case 'two-stations':
      return `Two stations say nothing of the edge between them; live edges stray by ${sayPart(twoStationShare)}.`;
    case 'rectangles':
      return `Rectangles cover more than the cavity. An oval inside them would fill ${formatPlain(ovalShare * 100, 0)}\u00a0%; the narrowest widths would say it better.`;
    case 'rectangles-narrowest':
      return `Rectangles cover more than the cavity: up to ${sayMl(data.highMl)}, by its narrowest widths.`;
    case 'traced':
      return (
        `${sayMl(data.tapsMl)} from setting points (${data.by === 'grid' ? `${sayPart(tapSquares)} of a square` : `one pixel is ${formatPlain(data.mmPerPx, 2)}\u00a0mm`}), ` +
        `${sayMl(data.scaleMl)} from the scale, ${sayMl(data.depthMl)} from the depth.`
      );
    case 'drawn':
      return `The outline is taken as drawn; the depth is read to ${sayMm(data.stepMm)}.`;
    case 'mesh-as-drawn':
      return 'The mesh is closed and taken as drawn.';
    case 'mesh-holes':
      return 'The mesh has holes, closed flat here; what is missing could bulge.';
    case 'wet-scale':
      return `Drops and the curve of the water at the rim. Water at ${sayC(data.waterC)} weighs ${formatPlain(data.densityGPerMl, 4)}\u00a0g/ml.`;
    case 'wet-jug':
      return `A jug is read to about ${sayPercent(data.jugShare)}. Weighing the water is better.`;
    case 'dry-jug':
    case 'dry-weight':
      return `Grain lies ${sayPercent(data.packingShare)} looser or denser each time, and bridges corners: the cavity holds rather more where detail is fine.`;
    case 'weighed':
      return `The density is taken to be right to ${sayPercent(data.densityShare)}.`;
    case 'displaced':
      return `Both levels are read to about ${sayMl(data.readingMl)}. Air that clings to the piece reads as piece.`;
    case 'covered':
      return 'The face is as sure as the form that it is of; its thickness is what you chose.';
    case 'mould':
      return `As it was measured for ${data.name}.`;
  }
}
