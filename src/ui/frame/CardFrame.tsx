import type { ComponentProps, ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { ActionButton } from '../ActionButton';
import { CardNotices } from '../feedback/CardNotices';
import { ConflictStrip } from '../feedback/ConflictStrip';
import { Screen } from './Screen';

interface CardFrameProps {
  readonly title: string;
  readonly isNew: boolean;
  /** What is typed is not what is kept. */
  readonly isTyped: boolean;
  /** It was changed or deleted in another window. */
  readonly conflict: ComponentProps<typeof ConflictStrip>['conflict'] | undefined;
  /** What was typed before the page was left stands here again. */
  readonly resumed: boolean;
  /** How many entries are wrong, once somebody wanted to save them. */
  readonly wrong: number;
  readonly saveLabel: string;
  readonly onSave: () => void;
  /** Saves what is typed over what the other window made. */
  readonly onKeepMine: () => void;
  /** Takes what is kept in place of what is typed. */
  readonly onStartAfresh: () => void;
  readonly onBack: () => void;
  readonly children: ReactNode;
}

/** The screen of one card of a library: what is unsaved or in conflict, its fields, and the way to save it. */
export function CardFrame({
  title,
  isNew,
  isTyped,
  conflict,
  resumed,
  wrong,
  saveLabel,
  onSave,
  onKeepMine,
  onStartAfresh,
  onBack,
  children,
}: CardFrameProps) {
  return (
    <Screen
      title={title}
      {...(isTyped ? { status: 'not saved' } : {})}
      onBack={onBack}
      notice={
        conflict && (
          <ConflictStrip conflict={conflict} onKeepMine={onKeepMine} onTakeOther={onStartAfresh} />
        )
      }
      foot={<ActionButton kind="main" label={saveLabel} onPress={onSave} style={styles.save} />}
    >
      <CardNotices
        resumed={resumed}
        isNew={isNew}
        onStartAfresh={isTyped ? onStartAfresh : undefined}
        wrong={wrong}
      />
      {children}
    </Screen>
  );
}

const styles = StyleSheet.create({ save: { flexGrow: 1 } });
