import type { FieldPath } from 'react-hook-form';
import type { JobDraft } from '../../data/draft/jobDraft';
import type { PartDraft } from '../../data/draft/partDraft';

/** Where a part or an insert stands in the draft. */
export type DraftPlace = `measure.parts.${number}` | `measure.inserts.${number}`;

/** The path of one of its fields; the form's own type cannot follow a place that is made up at run time. */
export const fieldPath = (
  place: DraftPlace,
  field: keyof PartDraft | `${keyof PartDraft}.${string}`,
) => `${place}.${field}` as FieldPath<JobDraft>;
