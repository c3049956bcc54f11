import { simulatedBench, type SimulatedBench } from '../../data/instruments/simulatedBench';

/** Does something to the simulated scale; without a server there is none, and its state says so. */
export const steerScale = (command: Parameters<SimulatedBench['scale']>[0]): void =>
  void simulatedBench()
    .then((bench) => bench.scale(command))
    .catch(() => undefined);
