import { Redirect, useLocalSearchParams } from 'expo-router';

export default function JobRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Redirect href={{ pathname: '/jobs/[id]/measure', params: { id } }} />;
}
