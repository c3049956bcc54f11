import galleyStep from '../../../../docs/formats/galley-step.job.json';
import { jobPour } from '../../../core/job/jobPour';
import { readJob } from '../../../core/job/readJob';
import type { JobDraft, PourDraft } from '../../../data/draft/jobDraft';
import { aloneIn } from './alonePour';

const job = {
  ...readJob(galleyStep),
  heat: { day: { lowest: '14 °C', highest: '22 °C' }, fan: '2 h', underside: 'bench' },
  container: { capacity: '2 l', fill: '80 %' },
} as JobDraft;

const pour = (change: object): PourDraft => ({ ...job.pours[1]!, ...change });

test.each<[string, object]>([
  ['as its job', {}],
  ['in another room', { room: { temperature: '25 °C' } }],
  ['under other air', { heat: { fan: '12 h' } }],
  ['in another room, on a plate', { room: { temperature: '25 °C' }, heat: { underside: 'plate' } }],
  ['in its own cup', { container: { capacity: '500 ml', fill: '50 %' } }],
  ['in the best of its cups', { containers: [{ capacity: '500 ml' }] }],
])('%s: alone it is planned in the place that it had among others', (_, change) => {
  const among = { ...job, pours: [job.pours[0]!, pour(change)] };
  const left = { ...among, ...aloneIn(among, among.pours[1]!) };
  const place = (of: JobDraft, index: number) => {
    const { room, heat, container, containers } = jobPour(of as never, index);
    return { room, heat, container, containers };
  };
  expect(place(left, 0)).toEqual(place(among, 1));
  // Nothing stays with the pour that one pour would have to say of itself.
  const [only] = left.pours;
  for (const key of ['room', 'heat', 'container', 'containers', 'fills'] as const) {
    expect(only?.[key]).toBeUndefined();
  }
});
