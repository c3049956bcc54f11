/** How far the app is kept on this device. */
export type OfflineState =
  /** This browser keeps no apps, or not at this address. */
  | 'unsupported'
  /** It is being fetched, or could not be. */
  | 'not-yet'
  /** All of it is here: no network and no server is needed. */
  | 'kept';

export interface Offline {
  readonly state: OfflineState;
  /** A newer version is on this device and waits. */
  readonly isNewerWaiting: boolean;
  /** Another window let a newer version come: what this one has still to fetch is of an older one. */
  readonly isReplaced: boolean;
}

const hourMs = 60 * 60 * 1000;

let current: Offline = { state: 'not-yet', isNewerWaiting: false, isReplaced: false };
let registration: ServiceWorkerRegistration | undefined;
let isBegun = false;
const listeners = new Set<() => void>();

function tell(next: Partial<Offline>): void {
  current = { ...current, ...next };
  for (const listener of listeners) listener();
}

const canRun = (): boolean =>
  'serviceWorker' in navigator && window.isSecureContext && process.env.NODE_ENV === 'production';

function watch(found: ServiceWorkerRegistration): void {
  registration = found;
  const look = (): void =>
    tell({
      state: found.active === null ? 'not-yet' : 'kept',
      // The very first one waits for nobody, and is no newer version.
      isNewerWaiting: found.waiting !== null && found.active !== null,
    });
  const follow = (worker: ServiceWorker | null): void =>
    worker?.addEventListener('statechange', look);
  for (const worker of [found.installing, found.waiting, found.active]) follow(worker);
  found.addEventListener('updatefound', () => follow(found.installing));
  look();
  if (navigator.serviceWorker.controller !== null) {
    navigator.serviceWorker.addEventListener('controllerchange', () => tell({ isReplaced: true }));
  }
  setInterval(() => void found.update().catch(() => undefined), hourMs);
}

/** Keeps the app on this device, once for each load of the page. */
export function keepOffline(): void {
  if (isBegun) return;
  isBegun = true;
  if (!canRun()) return tell({ state: 'unsupported' });
  // Refused, or given nothing by a browser that is told to keep no apps: it is not kept, which the Data screen tells.
  void navigator.serviceWorker
    .register('/sw.js')
    .then((found?: ServiceWorkerRegistration) => found && watch(found))
    .catch(() => undefined);
}

export const offline = (): Offline => current;

export function onOffline(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Held by every window in which a pour is under way. */
const pourLock = 'nipperkin-pour';

/** Keeps new versions from coming while a pour is under way in this window; gives what lets them come again. */
export function holdForPour(): () => void {
  if (!('locks' in navigator)) return () => undefined;
  let end: () => void = () => undefined;
  const over = new Promise<void>((resolve) => {
    end = resolve;
  });
  void navigator.locks.request(pourLock, { mode: 'shared' }, () => over);
  return () => end();
}

/**
 * Lets the newer version come and loads this window anew; others are told, and keep what is typed in them until they are.
 * @returns false while a pour is under way in any window: nothing is changed under it
 */
export async function loadNewer(): Promise<boolean> {
  const waiting = registration?.waiting ?? undefined;
  if (waiting === undefined) return true;
  const go = (): void => {
    navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
      once: true,
    });
    waiting.postMessage({ type: 'SKIP_WAITING' });
  };
  if (!('locks' in navigator)) {
    go();
    return true;
  }
  return navigator.locks.request(pourLock, { ifAvailable: true }, (lock) => {
    if (lock === null) return false;
    go();
    return true;
  });
}
