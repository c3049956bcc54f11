import type { JobDraft, PourDraft } from '../../../data/draft/jobDraft';

/** What a job says of the place where it is poured, and its pours. */
export type PlaceAndPours = Pick<JobDraft, 'room' | 'heat' | 'container' | 'containers' | 'pours'>;

/**
 * A job in which one pour is the only one left: it fills all of the form, and where it differed from the job the job is now
 * as it was. That is what planning takes for the pour (`jobPour`), said once.
 */
export function aloneIn(job: JobDraft, pour: PourDraft): PlaceAndPours {
  const { fills: _, room, heat, container, containers, ...left } = pour;
  const hasContainers = container !== undefined || containers !== undefined;
  // The day of the job's room was of the other room.
  const air =
    room === undefined || job.heat === undefined ? job.heat : { ...job.heat, day: undefined };
  return {
    room: room ?? job.room,
    heat: heat ?? air,
    container: hasContainers ? container : job.container,
    containers: hasContainers ? containers : job.containers,
    pours: [left],
  };
}
