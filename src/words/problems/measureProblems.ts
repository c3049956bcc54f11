import type { MeasureProblems } from '../../core/codes/problems/measureProblems';
import { formatPlain } from '../../core/quantity/format';
import { sayMl, sayMm } from '../figures';
import { oneOf, shown } from './phrases';
import type { ProblemSentences } from './sentence';

const sayPlace = ({ x, y }: MeasureProblems['outlines-cross']): string =>
  `${formatPlain(x, 1)}, ${formatPlain(y, 1)}`;

const togetherOf: Readonly<
  Record<MeasureProblems['too-many-together']['what'], readonly [string, string]>
> = {
  points: [
    'points in their outlines',
    'Leave out outlines that are not poured, export curves more coarsely,',
  ],
  stations: ['stations and rectangles', 'Measure long runs with fewer,'],
  heights: ['heights in their meshes', 'Take meshes with fewer triangles,'],
};

/** What cannot be measured as typed; mm, ml and degrees. */
export const measureProblems: ProblemSentences<MeasureProblems> = {
  'too-many-together': ({ what, count, most }) => {
    const [are, instead] = togetherOf[what];
    return `These parts have ${count} ${are}; ${most} is the most. ${instead} or split the piece over several jobs.`;
  },
  'corner-too-round': (data) =>
    `Too round: a corner can have ${sayMm(data.greatestMm)} at the most, half the shorter side.`,
  'too-few-sides': () => 'A polygon has 3 sides or more.',
  'no-triangle': (data) =>
    `These sides do not meet: this one must be shorter than the two others together, ${sayMm(data.othersMm)}.`,
  'draft-too-great': (data) =>
    `The walls would meet above the floor: ${formatPlain(data.greatestDeg, 1)}° is the limit at this depth.`,
  'wall-too-thick': (data) =>
    data.greatestMm === undefined
      ? 'No hollow is left inside: make the wall thinner, or leave it out for a solid piece.'
      : `No hollow is left inside: less than ${sayMm(data.greatestMm)}, or leave it out for a solid piece.`,
  'ring-inside-out': (data) =>
    `The inner diameter must be less than the outer one, ${sayMm(data.outerMm)}.`,
  'perimeter-unknown': () =>
    'Only the area is known, so its edges have no length. Measure the face by its sides or an outline.',
  'too-few-stations': () => 'Measure the width at two places at least: both ends.',
  'stations-not-rising': (data) =>
    `Each station must lie further along than the one before, ${sayMm(data.below)}.`,
  'narrowest-too-wide': (data) =>
    `The narrowest width cannot be more than the rectangle's own, ${sayMm(data.widthMm)}.`,
  'level-not-risen': (data) =>
    `The level must rise above ${sayMl(data.beforeMl)} when the piece goes in.`,
  'porous-mould': () =>
    'Water soaks into this mould: the figure would be high and the cure spoilt. Fill it with dry grain, or say that you will do it all the same.',
  'insert-too-large': (data) =>
    `It takes more room than the cavity has at ${sayMm(data.heightMm)} over the floor. Check its size, its height and its cavity.`,
  'insert-over-rim': (data) =>
    `That is over the rim, so it would not be in the pour. The cavity is ${sayMm(data.rimMm)} deep.`,
  'no-such-cavity': (data) => `There is no such cavity: a number from 1 to ${data.cavities}.`,
  'nothing-to-fill': () => 'The inserts take up everything: nothing is left to fill.',
  'soak-without-rate': () =>
    'Say how much this surface drinks, like 120 ml/m2. Weigh a test piece before and after.',
  'no-surface': () =>
    'A known amount has no surface to plane. Give its shape, or leave this allowance out.',
  'shrinks-away': () => 'It cannot shrink by all of itself. Resins shrink by 0.2 % to 5 %.',
  'no-outlines': ({ open = 0 }) =>
    open > 0
      ? `No closed outline: ${open} open lines do not meet at their ends. Close them in the drawing.`
      : 'No outline yet. Trace one, or choose a drawing that has closed lines.',
  'outline-too-short': () => 'An outline needs three points or more.',
  'outline-empty': () => 'The outlines enclose no area.',
  'outlines-cross': (data) =>
    data.self
      ? `Outline ${data.outline} crosses itself near ${sayPlace(data)}. Move a point so that it runs round once.`
      : `Outlines cross each other near ${sayPlace(data)}. An island must lie wholly inside, other outlines wholly apart.`,
  'corners-not-convex': () =>
    'Set the four corners in order round the rectangle, each on its own corner.',
  'scale-without-length': () => 'Set both ends of the known length, apart from each other.',
  'beyond-horizon': (data) =>
    `Outline ${data.outline} reaches beyond what the camera sees of the rectangle's plane. Keep it near the rectangle.`,
  'no-such-outline': (data) => `There is no such outline: the file has ${data.outlines}.`,
  'unit-unknown': (data) =>
    `The file does not say its unit. Choose it: ${oneOf(data.choices)}.${
      data.guess === undefined
        ? ''
        : ` By its size, ${sayMm(data.sizeMm)}, it could be ${data.guess}.`
    }`,
  'unit-doubtful': (data) =>
    `The file says ${data.stated}, which makes it ${sayMm(data.sizeMm)} long. ` +
    `In ${data.guess} it would be ${sayMm(data.guessMm)}. Choose the unit.`,
  'file-not-read': () => 'The file has not been read yet. Choose it again.',
  'not-a-bulk-density': (_, value) =>
    `${shown(value)} is no grain's bulk density: rice is near 0.8 g/ml, dry sand near 1.5. Check both units.`,
  'curve-broken': () =>
    'What was kept of this measurement is damaged: its heights do not rise from 0. Measure it again.',
  'curve-contradicts': (data, value) =>
    `The kept form holds ${sayMl(data.keptMl)}, not ${shown(value)}. Leave the form out, or give its volume.`,
  'master-outside-box': (data) =>
    `The master is ${sayMm(data.sizeX)} × ${sayMm(data.sizeY)} × ${sayMm(data.sizeZ)} and does not fit. Make the box larger.`,
};
