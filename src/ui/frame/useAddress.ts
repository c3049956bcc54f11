import { useGlobalSearchParams, usePathname } from 'expo-router';

/** The address of what is shown, as the browser has it. */
export function useAddress(): string {
  const path = usePathname();
  // The id of a record is in the path already.
  const { id: _, ...rest } = useGlobalSearchParams<Record<string, string>>();
  const search = new URLSearchParams(rest).toString();
  return search === '' ? path : `${path}?${search}`;
}
