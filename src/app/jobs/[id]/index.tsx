import { Redirect, useLocalSearchParams } from 'expo-router';
import { firstStep } from '../../../features/job/steps';

export default function JobRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Redirect href={{ pathname: `/jobs/[id]/${firstStep}`, params: { id } }} />;
}
