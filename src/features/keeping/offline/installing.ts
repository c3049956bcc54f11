/** Some browsers offer to put a page among the apps of the device, once, and hand over the asking. */
interface InstallEvent extends Event {
  readonly prompt: () => Promise<unknown>;
}

let offered: InstallEvent | undefined;
const listeners = new Set<() => void>();

function keep(event: InstallEvent | undefined): void {
  offered = event;
  for (const listener of listeners) listener();
}

if (typeof window !== 'undefined') {
  window.addEventListener('beforeinstallprompt', (event) => {
    // Asked when the person wants it, and not when the browser does.
    event.preventDefault();
    keep(event as InstallEvent);
  });
  window.addEventListener('appinstalled', () => keep(undefined));
}

export const canInstall = (): boolean => offered !== undefined;

export function onInstallable(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Lets the browser ask the person; an offer holds once. */
export async function install(): Promise<void> {
  const event = offered;
  keep(undefined);
  await event?.prompt();
}
