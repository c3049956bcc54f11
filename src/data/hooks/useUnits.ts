import { useCallback, useMemo } from 'react';
import { withOwnUnit, type OwnUnit } from '../../core/quantity/unitFamilies';
import { metric, type UnitsTold } from '../../words/unitsTold';
import { usePatchSettings } from './useKept';
import { useSettings } from './queries';

const none: readonly OwnUnit[] = [];

/** In what figures are told, and the units that the person writes in. */
export function useUnits(): {
  readonly told: UnitsTold;
  readonly own: readonly OwnUnit[];
  readonly used: (unit: OwnUnit) => void;
  /** Sets in what they are told; bare figures are in it too. */
  readonly tell: (unit: UnitsTold[keyof UnitsTold]) => Promise<void>;
} {
  const { data: settings } = useSettings();
  const patch = usePatchSettings();
  const own = settings?.ownUnits ?? none;
  const { length, temperature } = settings?.told ?? metric;
  const told = useMemo(() => ({ length, temperature }), [length, temperature]);
  const used = useCallback(
    (unit: OwnUnit) => void patch({ set: { ownUnits: [...withOwnUnit(own, unit)] } }),
    [patch, own],
  );
  const tell = useCallback(
    (unit: UnitsTold[keyof UnitsTold]) =>
      patch({
        set: {
          told:
            unit === 'mm' || unit === 'in'
              ? { ...told, length: unit }
              : { ...told, temperature: unit },
          ownUnits: [...withOwnUnit(own, unit)],
        },
      }),
    [patch, told, own],
  );
  return { told, own, used, tell };
}
