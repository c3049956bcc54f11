import { useMemo } from 'react';
import { useFormContext } from 'react-hook-form';
import { InputError } from '../../core/problem';
import { readQuantity } from '../../core/quantity/readQuantity';
import { lengthRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourPart } from '../../data/draft/pourInHand';
import type { MovableBorders } from '../../ui/section/BorderHandles';

/** Heights as they are typed, mm; undefined while one of them is none. */
function readHeights(typed: readonly string[]): readonly number[] | undefined {
  try {
    return typed.map((height) => readQuantity(height, lengthRule).value);
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}

/**
 * Borders of the pour in hand, where a person cuts it at heights of their own. They are where they are typed to be: the plan
 * follows a moment later.
 */
export function useMovableBorders(): MovableBorders | undefined {
  const { pour, pourIndex, outdated } = useOpenJob();
  const { setValue } = useFormContext<JobDraft>();
  const [typed] = usePourPart('layers.heights');
  return useMemo(() => {
    if (pour === undefined || outdated || pour.cut.style !== 'heights') return undefined;
    const heightsMm = readHeights(typed ?? []);
    const fromMm = pour.layers[0]?.fromMm;
    const toMm = pour.layers.at(-1)?.toMm;
    if (fromMm === undefined || toMm === undefined || heightsMm === undefined) return undefined;
    return {
      heightsMm,
      fromMm,
      toMm,
      takesMm: pour.cut.takesMm,
      onMove: (index, heightMm) =>
        setValue(`pours.${pourIndex}.layers.heights.${index}`, `${heightMm} mm`),
    };
  }, [pour, pourIndex, outdated, typed, setValue]);
}
