import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Panel } from '../Panel';
import { Words } from '../text/Words';
import { space } from '../theme/tokens';

const shortcuts = [
  ['Tab', 'to the next field or button'],
  ['Enter', 'on to the next field; presses a button'],
  ['Escape', 'out of the field, then back'],
  ['?', 'this sheet'],
] as const;

const isTyping = (): boolean =>
  document.activeElement instanceof HTMLInputElement ||
  document.activeElement instanceof HTMLTextAreaElement;

/** What the keyboard does, on `?`; it goes again on `?` or Escape. */
export function ShortcutSheet() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const pressed = (event: KeyboardEvent): void => {
      if (event.key === '?' && !isTyping()) setOpen((before) => !before);
      if (event.key === 'Escape' && open) {
        // The sheet takes the key: the screen under it stays.
        event.preventDefault();
        event.stopImmediatePropagation();
        setOpen(false);
      }
    };
    window.addEventListener('keydown', pressed, true);
    return () => window.removeEventListener('keydown', pressed, true);
  }, [open]);
  if (!open) return null;
  return (
    <View style={styles.place} role="dialog" aria-label="Keyboard">
      <Panel title="Keyboard">
        {shortcuts.map(([key, does]) => (
          <View key={key} style={styles.row}>
            <Words weight="bold" style={styles.key}>
              {key}
            </Words>
            <Words>{does}</Words>
          </View>
        ))}
      </Panel>
    </View>
  );
}

const styles = StyleSheet.create({
  place: { position: 'absolute', right: space.wide, bottom: space.wide, width: 380 },
  row: { flexDirection: 'row', gap: space.medium },
  key: { width: 72 },
});
