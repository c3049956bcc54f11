import { createContext } from 'react';
import type { PourPlan } from '../../core/plan/planTypes';

/**
 * How much of a layer is poured by now, 0 to 1: the bench shows how the piece fills. Without it everything is drawn as it will be.
 */
export type PouredShare = (pour: PourPlan, layer: number) => number;

export const PouredContext = createContext<PouredShare | undefined>(undefined);
