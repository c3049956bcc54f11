import type { ScaleCommand } from '../../core/instruments/simulatedScale';
import type { SimulatedProbe } from '../../core/instruments/simulatedProbe';
import { createFeed, type Instrument, type InstrumentKind } from './instrument';
import { lineReader } from './lineReader';

/** What is done to the simulated instruments of this server: steered by a panel, and by tests. */
export interface SimulatedBench {
  readonly id: string;
  readonly scale: (
    command: ScaleCommand | { readonly do: 'drop'; readonly seconds: number },
  ) => Promise<void>;
  readonly thermometer: (probe: Omit<SimulatedProbe, 'seed'>) => Promise<void>;
}

const root = '/instruments';

async function posted(path: string, body?: unknown): Promise<Response> {
  const response = await fetch(root + path, {
    method: 'POST',
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });
  if (!response.ok) throw new Error(`simulated instruments: ${response.status}`);
  return response;
}

let opened: Promise<SimulatedBench> | undefined;

async function openBench(): Promise<SimulatedBench> {
  const { id } = (await (await posted('')).json()) as { readonly id: string };
  return {
    id,
    scale: async (command) => void (await posted(`/${id}/scale`, command)),
    thermometer: async (probe) => void (await posted(`/${id}/thermometer`, probe)),
  };
}

/** The simulated bench of this page: one for all its instruments. Rejects where there is no server for it. */
export function simulatedBench(): Promise<SimulatedBench> {
  opened ??= openBench().catch((error: unknown) => {
    opened = undefined;
    throw error;
  });
  return opened;
}

/** The page is left, or nobody needs it: the server is told, and forgets it. */
export function leaveSimulatedBench(): void {
  const left = opened;
  opened = undefined;
  void left?.then(({ id }) =>
    fetch(`${root}/${id}`, { method: 'DELETE', keepalive: true }).catch(() => undefined),
  );
}

/** Whether this page has a server that simulates; hosted as files alone it has none. */
export async function hasSimulator(): Promise<boolean> {
  try {
    await simulatedBench();
    return true;
  } catch {
    return false;
  }
}

/** A lost connection is tried again after so long, ms, and longer each time. */
const againMs = [500, 1_000, 2_000, 4_000];

/** An instrument that the server simulates, heard as server-sent events. */
export function simulatedInstrument<Kind extends InstrumentKind>(kind: Kind): Instrument<Kind> {
  const feed = createFeed(kind, 'simulated');
  let source: EventSource | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let [isClosed, turn] = [false, 0];
  const again = (): void => {
    source?.close();
    if (isClosed) return;
    feed.stands('trouble', 'lost');
    timer = setTimeout(() => void listen(), againMs[Math.min(turn, againMs.length - 1)]);
    turn += 1;
  };
  const listen = async (): Promise<void> => {
    try {
      const { id } = await simulatedBench();
      if (isClosed) return;
      const read = lineReader(feed, { format: 'flags' });
      source = new EventSource(`${root}/${id}/${kind}`);
      source.onmessage = ({ data }) => {
        turn = 0;
        read(`${JSON.parse(String(data)) as string}\n`);
      };
      source.onerror = again;
    } catch {
      feed.stands('trouble', 'not-here');
    }
  };
  void listen();
  return {
    ...feed.instrument,
    close() {
      isClosed = true;
      clearTimeout(timer);
      source?.close();
    },
  };
}
