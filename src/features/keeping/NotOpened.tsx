import { useQueryClient } from '@tanstack/react-query';
import { saveUnreadable } from '../../data/files/saveUnreadable';
import type { NotOpen } from '../../data/hooks/useOpenRecord';
import { ActionButton } from '../../ui/ActionButton';
import { NotFound } from '../../ui/frame/NotFound';
import { Screen } from '../../ui/frame/Screen';
import { Words } from '../../ui/text/Words';
import { NotRead } from './NotRead';

interface NotOpenedProps {
  readonly open: NotOpen;
  readonly onBack: () => void;
}

/** What is shown in place of a record that is not there, or cannot be read. */
export function NotOpened({ open, onBack }: NotOpenedProps) {
  const client = useQueryClient();
  if (open === 'loading') return null;
  if (open === 'not-given') return <NotRead onTryAgain={() => void client.invalidateQueries()} />;
  if (open === 'missing') return <NotFound onBack={onBack} />;
  const { unreadable } = open;
  return (
    <Screen title="Not readable" onBack={onBack}>
      <Words role="alert">
        This cannot be read by this version ({unreadable.reason}). What is in it is kept as it is;
        save it as a file to look into it.
      </Words>
      <ActionButton
        icon="download"
        label="Save it as a file"
        onPress={() => saveUnreadable([unreadable])}
      />
      <ActionButton label="Go back" onPress={onBack} />
    </Screen>
  );
}
