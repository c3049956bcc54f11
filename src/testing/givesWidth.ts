/** What a browser does and jsdom does not: elements are told how wide they are. For tests of what is drawn to a width. */
export function givesWidth(widthDp: number): void {
  Object.defineProperty(HTMLElement.prototype, 'offsetWidth', { value: widthDp });
  globalThis.ResizeObserver = class {
    readonly #tell: ResizeObserverCallback;
    constructor(tell: ResizeObserverCallback) {
      this.#tell = tell;
    }
    observe(target: Element): void {
      this.#tell([{ target } as ResizeObserverEntry], this);
    }
    unobserve(): void {
      // Nothing changes its size here.
    }
    disconnect(): void {
      // As above.
    }
  };
}
