import { Fragment, useMemo, type ReactNode } from 'react';
import { ownUnit } from '../../core/quantity/unitFamilies';
import { useUnits } from '../../data/hooks/useUnits';
import { OwnUnitsContext } from '../../ui/fields/ownUnits';
import { tellIn } from '../../words/unitsTold';

/** The person's own units, for everything below: what bare figures are in, and in what figures are told. */
export function KeptUnits({ children }: { readonly children: ReactNode }) {
  const { told, own, used } = useUnits();
  // Before anything below is shown, and once for each change.
  const usVolumes = ownUnit('mm', own) === 'in';
  // oxlint-disable-next-line react/void-use-memo -- an effect would come after what is below is shown
  useMemo(() => tellIn({ ...told, usVolumes }), [told, usVolumes]);
  const units = useMemo(() => ({ own, used }), [own, used]);
  return (
    <OwnUnitsContext value={units}>
      {/* Told in other units everything is shown anew. */}
      <Fragment key={`${told.length} ${told.temperature}`}>{children}</Fragment>
    </OwnUnitsContext>
  );
}
