/** Brings what jobs and moulds are held against. It stands with everything but the first screen, and in threads that read jobs. */
import { jobSchema } from '../../core/job/jobSchema';
import { checkJob } from '../../core/job/readJob';
import { mouldSchema } from '../../core/measure/mould/mouldSchema';
import { upgradeDraft } from '../../core/upgrades/upgradeJob';
import { bringSchemas } from './lateSchemas';

bringSchemas({ job: jobSchema, checkJob, upgradeDraft, mould: mouldSchema });
