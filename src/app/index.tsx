import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { useSettings } from '@/data/hooks/queries';

/** The first place: Today once a job has a date, a quick mix before. Each has an address of its own, where a reload finds it again. */
export default function FirstPlace() {
  const { replace } = useRouter();
  const { data: settings } = useSettings();
  const isDated = settings?.dated === true;
  useEffect(() => replace(isDated ? '/today' : '/quick'), [replace, isDated]);
  return null;
}
