import { useLocalSearchParams } from 'expo-router';
import { useWays } from '@/ui/frame/useWays';
import { MixingSheetScreen } from '@/features/mix/MixingSheetScreen';
import { ThemeProvider } from '@/ui/ThemeProvider';

export function SheetRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { back } = useWays({ pathname: '/jobs/[id]/mix', params: { id } });
  return (
    <ThemeProvider asPaper>
      <MixingSheetScreen onBack={back} />
    </ThemeProvider>
  );
}
