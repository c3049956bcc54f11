import { useRef } from 'react';
import { Pressable, StyleSheet } from 'react-native';
import { useNotice } from '../feedback/NoticeProvider';
import { copyText } from '../copyText';
import { Words } from '../text/Words';

const sizes = {
  large: { fontSize: 26, lineHeight: 32 },
  huge: { fontSize: 38, lineHeight: 46 },
} as const;

/** Held for so long it is a long press, ms. */
const longMs = 500;

interface FigureProps {
  readonly figure: string;
  readonly unit: string;
  readonly size: keyof typeof sizes;
}

/** A figure to read from a step away; a long press copies it. */
export function Figure({ figure, unit, size }: FigureProps) {
  const notice = useNotice();
  const copy = async (): Promise<void> => {
    await copyText(`${figure} ${unit}`);
    notice({ text: `Copied ${figure} ${unit}` });
  };
  const pressedAtMs = useRef(0);
  return (
    <Pressable
      delayLongPress={longMs}
      onPressIn={({ timeStamp }) => (pressedAtMs.current = timeStamp)}
      onLongPress={() => void copy()}
      // Where the page was busy the finger is up before the timer is heard: then the events say how long it was down.
      onPress={({ timeStamp }) => {
        if (timeStamp - pressedAtMs.current >= longMs) void copy();
      }}
      style={styles.figure}
    >
      <Words weight="bold" style={sizes[size]}>
        {figure}
        <Words size="large">{`\u00a0${unit}`}</Words>
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({ figure: { alignSelf: 'flex-start' } });
