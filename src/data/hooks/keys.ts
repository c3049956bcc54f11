/** Names of what TanStack Query keeps. */
export const queryKeys = {
  jobs: ['jobs'],
  resins: ['resins'],
  settings: ['settings'],
  moulds: ['moulds'],
  photos: ['photos'],
} as const;
