import { createContext } from 'react';
import type { OwnUnit } from '../../core/quantity/unitFamilies';

/** The units that a person writes in, the one used last first; and what hears of another. */
export const OwnUnitsContext = createContext<{
  readonly own: readonly OwnUnit[];
  readonly used: (unit: OwnUnit) => void;
}>({ own: [], used: () => undefined });
