import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { browserStore } from '../../data/store/browserStore';
import { ActionButton } from '../../ui/ActionButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { useAddress } from '../../ui/frame/useAddress';
import { SaveEverything } from './SaveEverything';

/** Whether a part of the app could not be fetched: the server has stopped, or a newer version took its place. */
const isNotFetched = (error: unknown): boolean =>
  error instanceof Error && /load|fetch|import/i.test(`${error.name} ${error.message}`);

/** Whether the server answers; the page is only left for a new one where there is one. */
async function serverAnswers(): Promise<boolean> {
  try {
    return (await fetch('/health', { cache: 'no-store' })).ok;
  } catch {
    return false;
  }
}

/**
 * Catches what goes wrong in what is shown, so that the rest of the app stays and a person's data can still be taken out. It
 * needs nothing of what may have broken.
 */
export function Mishap({ children }: { readonly children: ReactNode }) {
  const address = useAddress();
  return (
    <ErrorBoundary
      fallbackRender={(mishap) => <WhatNow {...mishap} address={address} />}
      resetKeys={[address]}
    >
      {children}
    </ErrorBoundary>
  );
}

function WhatNow({
  error,
  resetErrorBoundary,
  address,
}: FallbackProps & { readonly address: string }) {
  // What cannot be shown is taken away, and its address with it.
  const [asked] = useState(address);
  const [inVain, setInVain] = useState(false);
  const notFetched = isNotFetched(error);
  async function again(): Promise<void> {
    if (!notFetched) return resetErrorBoundary();
    // What was not fetched once is not asked for again by the page: a new one asks.
    if (await serverAnswers()) window.location.assign(asked);
    else setInVain(true);
  }
  return (
    <View style={styles.mishap}>
      <Words heading={1} size="title" weight="bold">
        {notFetched ? 'This part could not be fetched' : 'This cannot be shown'}
      </Words>
      <Words role="alert">
        {notFetched
          ? `Nipperkin is not running just now, or has been renewed. What you typed is kept.${inVain ? ' It still does not answer: start it and try again.' : ''}`
          : 'Something in it is not as it should be. Nothing is lost: everything that is kept can be saved as a file.'}
      </Words>
      <View style={styles.row}>
        <ActionButton kind="main" label="Try again" onPress={() => void again()} />
        <SaveEverything store={browserStore} label="Save everything as a file" />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  mishap: { flex: 1, padding: space.large, gap: space.large, maxWidth: 720 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
