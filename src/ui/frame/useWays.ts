import { useGlobalSearchParams, useRouter, type Href } from 'expo-router';
import { useCallback, useMemo } from 'react';
import { useAddress } from './useAddress';

/** Where one came from goes along in the address, so that it is known after a reload too. */
interface Ways {
  /** What to put into the address of where one goes, for the way back. */
  readonly here: { readonly from: string };
  /** Back to where one came from; to `usual` where nothing says from where. */
  readonly back: () => void;
}

/** An address of this app: nothing else is a way back. */
const isOwn = (address: string | undefined): address is string =>
  address !== undefined && /^\/(?!\/)/.test(address);

export function useWays(usual: Href): Ways {
  const { navigate } = useRouter();
  const from = useAddress();
  const { from: cameFrom } = useGlobalSearchParams<{ from?: string }>();
  const here = useMemo(() => ({ from }), [from]);
  const back = useCallback(
    () => navigate(isOwn(cameFrom) ? (cameFrom as Href) : usual),
    [navigate, cameFrom, usual],
  );
  return { here, back };
}
