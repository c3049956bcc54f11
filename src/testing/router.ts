/** Stands in for the router where a screen is tested without one: what it was sent to is told, nothing opens. */
interface Address {
  readonly pathname: string;
  readonly params: Readonly<Record<string, string>>;
}

let address: Address = { pathname: '/', params: {} };
let pushed: unknown[] = [];

/** The screen stands at this address from now on, and has been sent nowhere yet. */
export function standAt(pathname: string, params: Readonly<Record<string, string>> = {}): void {
  address = { pathname, params };
  pushed = [];
}

/** Where the screen has sent its person since. */
export const pushedTo = (): readonly unknown[] => pushed;

const router = { push: (to: unknown) => void pushed.push(to) };

export const useRouter = (): typeof router => router;
export const usePathname = (): string => address.pathname;
export const useGlobalSearchParams = (): Address['params'] => address.params;
