/** The steps of a job that have a screen, in the order of the work: tabs, routes and keys all follow this list. */
export const jobSteps = [
  { value: 'measure', label: 'Measure', of: 'job' },
  { value: 'resin', label: 'Resin', of: 'pour' },
  { value: 'layers', label: 'Layers', of: 'pour' },
  { value: 'heat', label: 'Heat', of: 'pour' },
  { value: 'colour', label: 'Colour', of: 'pour' },
  { value: 'mix', label: 'Mix', of: 'pour' },
  { value: 'buy', label: 'Buy', of: 'job' },
] as const;
export type JobStep = (typeof jobSteps)[number]['value'];

/** Where a job opens. */
export const firstStep: JobStep = jobSteps[0].value;

export const stepAt = (path: string): (typeof jobSteps)[number] | undefined =>
  jobSteps.find(({ value }) => path.endsWith(`/${value}`));
