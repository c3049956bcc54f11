import type { CoveredFace } from '../../core/job/pourChoices';
import type { PourProblems } from '../../core/codes/problems/pourProblems';
import { sayMm } from '../figures';
import type { ProblemSentences } from './sentence';

const sayUpTo = (toMm: number | undefined): string =>
  toMm === undefined ? 'to the rim' : `to ${sayMm(toMm)}`;

const faceWords: Readonly<Record<CoveredFace, string>> = {
  sides: 'walls',
  floor: 'floor',
  'sides-and-floor': 'walls and floor',
  surface: 'level surface',
};

/** What a pour of a job cannot be; mm over the floor, parts and pours counted from 1. */
export const pourProblems: ProblemSentences<PourProblems> = {
  'pour-said-twice': () =>
    'A pour fills a stretch of the form, covers a face of it, measures for itself, or is a mould round what is measured: say one of them.',
  'pour-without-form': () =>
    'Nothing is measured for this pour. Measure the form of the job, or give the pour parts of its own.',
  'fills-overlap': (data) =>
    `It would fill from ${sayMm(data.fromMm)} ${sayUpTo(data.toMm)}, and pour ${data.other} fills from ` +
    `${sayMm(data.otherFromMm)} ${sayUpTo(data.otherToMm)} already. Let one end where the other begins.`,
  'fill-under-earlier': (data) =>
    `It lies under pour ${data.other}, which begins at ${sayMm(data.otherFromMm)} and is poured before it. Pour this one earlier.`,
  'fill-over-rim': (data) => `That is over the rim. The form is ${sayMm(data.rimMm)} deep.`,
  'height-over-rim': (data) => `That is over the rim. The form is ${sayMm(data.rimMm)} deep.`,
  'fill-upside-down': (data) => `It must reach higher than where it begins, ${sayMm(data.fromMm)}.`,
  'fill-needs-a-form': () =>
    'Something here has no depth, so it cannot be filled between two heights. Give its shape or its depth.',
  'covers-nothing': (data) =>
    `The form has no ${faceWords[data.face]} there to cover. Choose another face or a greater height.`,
  'no-faces': (data) =>
    `${data.name ?? `Cavity ${data.part}`} was not measured by its faces, so its ${faceWords[data.face]} is not known. ` +
    'Let the pour measure for itself, as a coat with its area, like 0.12 m2.',
  'faces-not-kept': (data) =>
    `Cavity ${data.part} was read from its file before faces were kept. Open the mesh file again.`,
};
