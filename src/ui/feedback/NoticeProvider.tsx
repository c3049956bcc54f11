import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { Snackbar } from 'react-native-paper';
import { touch } from '../theme/tokens';

interface Notice {
  readonly text: string;
  /** Takes back what has just been done; `overtaken` where it was changed elsewhere since, and stays. */
  readonly undo?: () => Promise<'undone' | 'overtaken' | void>;
}

const NoticeContext = createContext<(notice: Notice) => void>(() => undefined);

/** Tells what has just happened, with a way back where there is one. */
export function useNotice(): (notice: Notice) => void {
  return useContext(NoticeContext);
}

/** Long enough to see it, take a glove off and reach it. */
const undoTimeMs = 12_000;
const readTimeMs = 4_000;

/** The strip at the foot of the screen where notices appear; the latest one stands. */
export function NoticeProvider({ children }: { readonly children: ReactNode }) {
  const [notice, setNotice] = useState<Notice>();
  const [visible, setVisible] = useState(false);
  const show = useMemo(
    () => (next: Notice) => {
      setNotice(next);
      setVisible(true);
    },
    [],
  );
  const undo = notice?.undo;
  async function takeBack(): Promise<void> {
    if ((await undo?.()) === 'overtaken') {
      show({ text: 'Not taken back: it was changed in another window since, and stays as it is.' });
    }
  }
  return (
    <NoticeContext.Provider value={show}>
      {children}
      <Snackbar
        visible={visible}
        onDismiss={() => setVisible(false)}
        duration={undo === undefined ? readTimeMs : undoTimeMs}
        action={
          undo && {
            label: 'Undo',
            onPress: () => void takeBack(),
            contentStyle: styles.undo,
          }
        }
        wrapperStyle={styles.strip}
      >
        {notice?.text ?? ''}
      </Snackbar>
    </NoticeContext.Provider>
  );
}

const styles = StyleSheet.create({
  undo: { minHeight: touch.table, minWidth: touch.table },
  // Over the foot of a screen and the places below it, so that neither is covered.
  strip: { bottom: 136, alignSelf: 'center', maxWidth: 560 },
});
