import { useQuery } from '@tanstack/react-query';
import { hasSimulator } from '../../data/instruments/simulatedBench';

/** Whether this page has a server that simulates instruments: hosted as files alone it has none. */
export function useSimulator(): boolean {
  const { data } = useQuery({
    queryKey: ['simulator'],
    queryFn: hasSimulator,
    staleTime: 60_000,
    retry: false,
  });
  return data ?? false;
}
