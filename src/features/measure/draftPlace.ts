import type { FieldPath } from 'react-hook-form';
import type { JobDraft } from '../../data/draft/jobDraft';
import type { PartDraft } from '../../data/draft/partDraft';

/** Where a part or an insert stands in the draft. */
export type DraftPlace =
  | `measure.parts.${number}`
  | `measure.inserts.${number}`
  | `pours.${number}.measure.parts.${number}`;

/** Whose measure it is of: the job's, or one pour's. */
export type MeasureBase = 'measure' | `pours.${number}.measure`;

/** Where outlines stand in it: those of a part, or of the face that a coat covers. */
export type OutlinePlace = DraftPlace | `${DraftPlace}.face`;

/** What is kept of outlines, drawn or traced, while they are being typed. */
export type OutlinesDraft = Pick<
  PartDraft,
  'path' | 'unit' | 'picked' | 'outlines' | 'scale' | 'photo'
>;

/** The path of one of their fields; the form's own type cannot follow it either. */
export const outlinePath = (place: OutlinePlace, field: keyof OutlinesDraft) =>
  `${place}.${field}` as FieldPath<JobDraft>;

/** The path of one of its fields; the form's own type cannot follow a place that is made up at run time. */
export const fieldPath = (
  place: DraftPlace,
  field: keyof PartDraft | `${keyof PartDraft}.${string}`,
) => `${place}.${field}` as FieldPath<JobDraft>;
