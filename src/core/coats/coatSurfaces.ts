/** How a coat looks once it has set, before the next is mixed: even and full, with bubbles, with dry and thirsty spots, with craters. */
export const coatSurfaces = ['full', 'bubbles', 'dry', 'craters'] as const;
export type CoatSurface = (typeof coatSurfaces)[number];
