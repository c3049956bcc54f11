import type { Job } from '../../core/job/jobSchema';
import type { mouldSchema } from '../../core/measure/mould/mouldSchema';
import type { Checked } from '../../core/schema/check';
import type { Schema } from 'yup';

/** What jobs and moulds are held against: nearly the whole core, and no first figure needs it. */
export interface LateSchemas {
  readonly job: Schema;
  readonly checkJob: (draft: unknown) => Checked<Job>;
  readonly upgradeDraft: (draft: unknown) => unknown;
  readonly mould: typeof mouldSchema;
}

let brought: LateSchemas | undefined;

/** Called once by the module that has them, see `wholeSchemas`. */
export function bringSchemas(schemas: LateSchemas): void {
  brought = schemas;
}

/** @throws Error where a job or a mould is read before they came: a mistake of ours, told at once */
export function lateSchemas(): LateSchemas {
  if (brought === undefined) throw new Error('read before `wholeSchemas` was loaded');
  return brought;
}
