import { InstrumentSession } from './session';

/** One machine has few benches; a page that opens more is broken. */
const mostSessions = 32;
/** A bench that nobody hears is cleared away after so long, ms. */
const keptMs = 2 * 60_000;

/** The simulated benches of this server, each by itself, few of them, and none for ever. */
export class InstrumentSessions {
  private readonly all = new Map<string, InstrumentSession>();

  /** @returns undefined where there are too many */
  create(): InstrumentSession | undefined {
    this.sweep();
    if (this.all.size >= mostSessions) return undefined;
    const session = new InstrumentSession();
    this.all.set(session.id, session);
    return session;
  }

  find(id: string): InstrumentSession | undefined {
    return this.all.get(id);
  }

  end(id: string): void {
    this.all.get(id)?.end();
    this.all.delete(id);
  }

  endAll(): void {
    for (const id of [...this.all.keys()]) this.end(id);
  }

  private sweep(): void {
    const now = Date.now();
    for (const [id, session] of this.all) if (session.idleMs(now) > keptMs) this.end(id);
  }
}
