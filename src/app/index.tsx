import { Redirect } from 'expo-router';
import { useSettings } from '@/data/hooks/queries';

/** The first place: Today once a job has a date, a quick mix before. Each has an address of its own, where a reload finds it again. */
export default function FirstPlace() {
  const { data: settings } = useSettings();
  return <Redirect href={settings?.dated === true ? '/today' : '/quick'} />;
}
