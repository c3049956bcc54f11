import type { GivenBack } from '../core/coats/givenBack';
import type { CoatSurface } from '../core/coats/coatSurfaces';
import { sayG } from './figures';
import { sayRoughly } from './rough';

/** How a coat may look, each as it is recognised. */
export const coatSurfaceWords: Readonly<
  Record<CoatSurface, { readonly name: string; readonly how: string }>
> = {
  full: { name: 'Even and full', how: 'one shine from edge to edge, against the light' },
  bubbles: { name: 'Bubbles', how: 'pinholes or domes that set' },
  dry: { name: 'Dry spots', how: 'dull where the surface drank it' },
  craters: { name: 'Craters', how: 'round holes where it drew back' },
};

/** What to do about it, a sentence each. */
export const coatAdvice: Readonly<Record<CoatSurface, readonly string[]>> = {
  full: ['Another coat may not be needed.'],
  bubbles: ['Pour another: knock off what stands up, wipe, then coat. It fills pinholes.'],
  dry: ['Pour another: the surface drank the first, and the next stays on top.'],
  craters: [
    'Not yet another: oil or silicone drew it back, and would again.',
    'Let it get hard, scuff it, clean it with alcohol, brush on a sealing medium and leave that a day. Then coat.',
  ],
};

/** What leaving coats out gives back: `642 g of Table Coat and about 2 days`. */
export function sayGivenBack({ resins, min }: GivenBack): string {
  const told = [
    ...resins.map(({ name, g }) => `${sayG(g)} of ${name}`),
    ...(min === undefined || min < 1 ? [] : [`about ${sayRoughly(min)}`]),
  ];
  const last = told.pop();
  return last === undefined
    ? 'nothing'
    : told.length === 0
      ? last
      : `${told.join(', ')} and ${last}`;
}
