import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { InputError, type Problem } from '../../core/problem';
import { ActionButton } from '../../ui/ActionButton';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { Words } from '../../ui/text/Words';
import { corner, space } from '../../ui/theme/tokens';
import { startScanning } from '../../workers/scanThread';
import { pixelsOf } from './pixels';

interface CameraProps {
  /** Each code that comes into sight, once until another one does. */
  readonly onCode: (text: string) => void;
  readonly onStop: () => void;
}

/** Longer side of a picture of the camera, px. */
const wantedPx = 1280;
/** Between two looks, ms: a code is held still for longer. */
const betweenMs = 150;

/** The camera's picture, in which codes are looked for; it is kept nowhere. */
export function Camera({ onCode, onStop }: CameraProps) {
  const place = useRef<View>(null);
  const [hasFailed, setFailed] = useState(false);
  const [problem, setProblem] = useState<Problem>();
  const [turn, setTurn] = useState(0);
  const tell = useRef(onCode);
  useEffect(() => {
    tell.current = onCode;
  });
  useEffect(() => {
    const video = document.createElement('video');
    video.muted = true;
    video.playsInline = true;
    video.setAttribute('aria-label', 'What the camera sees');
    Object.assign(video.style, { width: '100%', height: '100%', objectFit: 'cover' });
    // The frame is a plain element of the page in the web app.
    (place.current as unknown as HTMLElement | null)?.append(video);
    let isOver = false;
    let stream: MediaStream | undefined;
    const scanning = startScanning();

    function giveUp(error: unknown): void {
      if (isOver) return;
      // What is no problem of ours is the camera: refused, taken by another program, or none there.
      if (error instanceof InputError) setProblem(error);
      else setFailed(true);
    }
    async function look(last: string | undefined): Promise<void> {
      if (isOver) return;
      let seen = last;
      if (video.videoWidth > 0) {
        const { data, width, height } = pixelsOf(video, video.videoWidth, video.videoHeight, 900);
        const text = await scanning.find(data, width, height);
        if (isOver) return;
        if (text !== undefined && text !== last) tell.current(text);
        seen = text ?? last;
      }
      setTimeout(() => look(seen).catch(giveUp), betweenMs);
    }
    async function start(): Promise<void> {
      stream = await navigator.mediaDevices.getUserMedia({
        video: { facingMode: 'environment', width: { ideal: wantedPx } },
        audio: false,
      });
      if (isOver) return stream.getTracks().forEach((track) => track.stop());
      video.srcObject = stream;
      await video.play();
      return look(undefined);
    }
    start().catch(giveUp);
    return () => {
      isOver = true;
      scanning.stop();
      stream?.getTracks().forEach((track) => track.stop());
      video.remove();
    };
  }, [turn]);
  return (
    <View style={styles.stack}>
      {hasFailed && (
        <Words role="alert" colour="stop">
          The camera cannot be used: it was refused, or there is none. Choose a picture of the code,
          or paste the link.
        </Words>
      )}
      {problem !== undefined && (
        <WorkProblem
          problem={problem}
          onAgain={() => {
            setProblem(undefined);
            setTurn(turn + 1);
          }}
        />
      )}
      <View ref={place} style={[styles.frame, hasFailed && styles.gone]} testID="camera" />
      <View style={styles.row}>
        <ActionButton icon="close" label="Stop the camera" onPress={onStop} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  frame: { width: '100%', maxWidth: 480, aspectRatio: 1, borderRadius: corner, overflow: 'hidden' },
  gone: { display: 'none' },
  row: { flexDirection: 'row' },
});
