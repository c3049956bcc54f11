import { randomInt, randomUUID } from 'node:crypto';
import {
  probeAfter,
  probeLine,
  type SimulatedProbe,
} from '../../src/core/instruments/simulatedProbe';
import {
  commanded,
  emptyScale,
  lineOf,
  scaleAfter,
  type ScaleCommand,
  type SimulatedScale,
} from '../../src/core/instruments/simulatedScale';

/** The two that a bench has. */
export const instruments = ['scale', 'thermometer'] as const;
export type InstrumentName = (typeof instruments)[number];

/** A scale speaks ten times a second, a thermometer twice. */
const tickMs = 100;
const ticksPerTemperature = 5;
/** Nobody has more windows open on one bench. */
const mostStreams = 6;

/** Somebody who hears one instrument. */
interface Listener {
  readonly of: InstrumentName;
  readonly hear: (line: string) => void;
  /** The connection is lost, or the session is over. */
  readonly cut: () => void;
}

/** The simulated instruments of one bench: they go on only while somebody hears them. */
export class InstrumentSession {
  readonly id = randomUUID();
  private scale: SimulatedScale;
  private probe: SimulatedProbe | undefined;
  private readonly listeners = new Set<Listener>();
  private timer: NodeJS.Timeout | undefined;
  private ticks = 0;
  private droppedUntil = 0;
  private heardAt = Date.now();

  constructor(private readonly seed = randomInt(2 ** 31)) {
    this.scale = emptyScale(seed);
  }

  /** How long nobody has heard it, ms; 0 while somebody does. */
  idleMs(now: number): number {
    return this.listeners.size > 0 ? 0 : now - this.heardAt;
  }

  get isDropped(): boolean {
    return Date.now() < this.droppedUntil;
  }

  /** @returns what ends it; undefined where too many hear it already */
  listen(listener: Listener): (() => void) | undefined {
    if (this.listeners.size >= mostStreams) return undefined;
    this.listeners.add(listener);
    this.timer ??= setInterval(() => this.tick(), tickMs);
    return () => {
      this.listeners.delete(listener);
      this.heardAt = Date.now();
      if (this.listeners.size > 0) return;
      clearInterval(this.timer);
      this.timer = undefined;
    };
  }

  command(command: ScaleCommand): void {
    this.scale = commanded(this.scale, command);
  }

  hold(probe: Omit<SimulatedProbe, 'seed'>): void {
    this.probe = { ...probe, seed: this.seed };
  }

  /** The connection is lost for so long, s. */
  drop(seconds: number): void {
    this.droppedUntil = Date.now() + seconds * 1000;
    this.cutAll();
  }

  /** Everybody who hears it is told that it is over. */
  end(): void {
    this.cutAll();
  }

  private cutAll(): void {
    for (const listener of [...this.listeners]) listener.cut();
  }

  private tick(): void {
    this.ticks += 1;
    this.scale = scaleAfter(this.scale, tickMs / 1000);
    this.probe = this.probe && probeAfter(this.probe, tickMs / 1000);
    this.tell('scale', lineOf(this.scale));
    if (this.ticks % ticksPerTemperature === 0) {
      this.tell('thermometer', this.probe === undefined ? 'OPEN' : probeLine(this.probe));
    }
  }

  private tell(of: InstrumentName, line: string): void {
    for (const listener of [...this.listeners]) if (listener.of === of) listener.hear(line);
  }
}
