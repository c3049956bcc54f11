import { useLocalSearchParams, useRouter } from 'expo-router';
import { MixingSheetScreen } from '@/features/mix/MixingSheetScreen';
import { ThemeProvider } from '@/ui/ThemeProvider';

export default function SheetRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <ThemeProvider asPaper>
      <MixingSheetScreen
        onBack={() => router.navigate({ pathname: '/jobs/[id]/mix', params: { id } })}
      />
    </ThemeProvider>
  );
}
