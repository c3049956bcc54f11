/** Kinds of job by how much more than the cavity they take. */
export const overageKinds = ['open-mould', 'general', 'porous'] as const;
export type OverageKind = (typeof overageKinds)[number];

/**
 * Overage by kind of job, a share of what there is to fill. Small open moulds are under-poured and topped up;
 * general work takes about a tenth; what drinks or leaks takes more, unless soak or seepage are counted apart.
 */
export function overageOfKind(kind: OverageKind, drinksCountedApart: boolean): number {
  switch (kind) {
    case 'open-mould':
      return 0.02;
    case 'general':
      return 0.1;
    case 'porous':
      return drinksCountedApart ? 0.1 : 0.13;
  }
}
