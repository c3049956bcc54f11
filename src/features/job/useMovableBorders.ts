import { useMemo } from 'react';
import { useFormContext } from 'react-hook-form';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import type { MovableBorders } from '../../ui/section/BorderHandles';

/** Borders of the pour in hand, where a person cuts it at heights of their own. */
export function useMovableBorders(): MovableBorders | undefined {
  const { pour, pourIndex, outdated } = useOpenJob();
  const { setValue } = useFormContext<JobDraft>();
  return useMemo(() => {
    if (pour === undefined || outdated || pour.cut.style !== 'heights') return undefined;
    const heightsMm = pour.layers.slice(0, -1).map(({ toMm }) => toMm);
    const fromMm = pour.layers[0]?.fromMm;
    const toMm = pour.layers.at(-1)?.toMm;
    if (fromMm === undefined || toMm === undefined || heightsMm.includes(undefined)) {
      return undefined;
    }
    return {
      heightsMm: heightsMm as number[],
      fromMm,
      toMm,
      takesMm: pour.cut.takesMm,
      onMove: (index, heightMm) =>
        setValue(`pours.${pourIndex}.layers.heights.${index}`, `${heightMm} mm`),
    };
  }, [pour, pourIndex, outdated, setValue]);
}
