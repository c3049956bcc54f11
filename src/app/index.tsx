import { Redirect } from 'expo-router';
import { useState } from 'react';
import { useSettings } from '@/data/hooks/queries';
import QuickMixRoute from './quick';

/** The first place: Today once a job has a date, a quick mix before. Decided as one arrives: nobody is moved on while they type. */
export default function FirstPlace() {
  const { data: settings } = useSettings();
  const [isDated] = useState(settings?.dated === true);
  return isDated ? <Redirect href="/today" /> : <QuickMixRoute />;
}
