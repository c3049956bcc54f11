import { useEffect, useState } from 'react';
import type { CardCalibration } from '../core/plan/heat/calibrationOf';
import type { Resin } from '../core/resin/resinSchema';
import { calibrateCards } from './calibrateCards';

/** Typing goes on for longer than this between two keys, ms. */
const pauseMs = 250;

/**
 * What the heat model makes of a card as it is typed; what was told stays until there is something newer.
 * @param cardText the card as JSON: the same text asks nothing anew; undefined while it is not whole
 */
export function useCardCalibrations(
  cardText: string | undefined,
): readonly CardCalibration[] | undefined {
  const [found, setFound] = useState<readonly CardCalibration[]>();
  useEffect(() => {
    if (cardText === undefined) return undefined;
    let overtaken = false;
    const timer = setTimeout(() => {
      // What was checked is a card.
      void calibrateCards([JSON.parse(cardText) as Resin]).then(([calibrations]) => {
        if (!overtaken) setFound(calibrations);
      });
    }, pauseMs);
    return () => {
      overtaken = true;
      clearTimeout(timer);
    };
  }, [cardText]);
  return found;
}
