import { useRouter } from 'expo-router';
import { NotFound } from '@/ui/frame/NotFound';

export default function NotFoundRoute() {
  const router = useRouter();
  return <NotFound onBack={() => router.navigate('/')} />;
}
