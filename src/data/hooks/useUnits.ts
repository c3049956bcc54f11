import { useCallback, useMemo, useState } from 'react';
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
  const kept = settings?.ownUnits ?? none;
  // Known at once: the next field may be typed into before the settings are written.
  const [ahead, setAhead] = useState({ kept, own: kept });
  const own = ahead.kept === kept ? ahead.own : kept;
  const { length, temperature } = settings?.told ?? metric;
  const told = useMemo(() => ({ length, temperature }), [length, temperature]);
  const used = useCallback(
    (unit: OwnUnit) => {
      const next = withOwnUnit(own, unit);
      setAhead({ kept, own: next });
      void patch({ used: unit });
    },
    [patch, own, kept],
  );
  const tell = useCallback(
    (unit: UnitsTold[keyof UnitsTold]) =>
      // Over what is stored by then, and not over what is shown: the other one may have been chosen a moment ago.
      patch({
        into: {
          told: {
            usual: metric,
            change: unit === 'mm' || unit === 'in' ? { length: unit } : { temperature: unit },
          },
        },
        used: unit,
      }),
    [patch],
  );
  return { told, own, used, tell };
}
