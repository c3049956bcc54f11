import { useEffect } from 'react';
import { batchInCup } from '../../core/bench/heating';
import { simulatedBench } from '../../data/instruments/simulatedBench';
import { useBench } from './benchSource';
import { useGuide } from './guide';
import { useOwnInstruments } from './instruments';

const msPerMin = 60_000;
/** What is simulated runs hotter than the model by a tenth of its rise, so that a reading has something to tell. */
const hotterBy = 0.1;
const noiseC = 0.1;

/** Holds the simulated thermometer into what cures: the batch in its cup, or the layer that was poured last. */
export function SimulatedCurve(): null {
  const { copy, state, clock } = useBench();
  const { pot } = useGuide();
  const cup = batchInCup(state);
  const answer = pot?.lane.id === cup?.id ? pot?.answer : undefined;
  const metAt = cup?.metAt;
  const layer = state.layers.findLastIndex(({ pouredAt }) => pouredAt !== undefined);
  const pouredAt = state.layers[layer]?.pouredAt;
  const { heat } = copy;
  const { sees = 'core' } = useOwnInstruments().thermometer;
  const speed = clock.speed;
  useEffect(() => {
    const held =
      answer !== undefined && metAt !== undefined
        ? { atMin: answer.atMin, curveC: answer.curveC, sinceAt: metAt }
        : heat !== undefined && pouredAt !== undefined
          ? {
              atMin: heat.atMin.map((min) => min - (heat.layerAtMin[layer] ?? 0)),
              curveC: sees === 'core' ? heat.coreC : heat.surfaceC,
              sinceAt: pouredAt,
            }
          : undefined;
    if (held === undefined) return;
    const { sinceAt, ...curve } = held;
    const elapsedMin = (clock.now() - sinceAt) / msPerMin;
    void simulatedBench()
      .then((bench) => bench.thermometer({ ...curve, elapsedMin, speed, hotterBy, noiseC }))
      .catch(() => undefined);
  }, [answer, metAt, heat, sees, pouredAt, layer, speed, clock]);
  return null;
}
