import { expose } from 'comlink';

/** How a thread of a test behaves. */
export type Behaviour = 'works' | 'cannot be loaded' | 'never answers';

/** Threads for tests: what they do runs here, and goes over a channel as it does to a real worker. */
export function testThreads(api: () => object) {
  const state = { started: 0, stopped: 0, behaves: 'works' as Behaviour };
  const open: MessagePort[] = [];
  const start = (): Worker => {
    state.started += 1;
    const { port1, port2 } = new MessageChannel();
    open.push(port1, port2);
    if (state.behaves === 'works') expose(api(), port2 as never);
    port1.start();
    const events = new EventTarget();
    if (state.behaves === 'cannot be loaded') {
      const failed = Object.assign(new Event('error'), { message: 'the server is gone' });
      setTimeout(() => events.dispatchEvent(failed), 0);
    }
    return Object.assign(events, {
      postMessage: port1.postMessage.bind(port1),
      addEventListener(type: string, listener: EventListener): void {
        if (type === 'message') port1.addEventListener(type, listener);
        else EventTarget.prototype.addEventListener.call(events, type, listener);
      },
      removeEventListener(type: string, listener: EventListener): void {
        port1.removeEventListener(type, listener);
      },
      terminate(): void {
        state.stopped += 1;
        port1.close();
        port2.close();
      },
    }) as unknown as Worker;
  };
  /** Channels that are open keep Node from ending. */
  const close = (): void => open.forEach((port) => port.close());
  return { start, state, close };
}
