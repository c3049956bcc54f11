import { useCallback } from 'react';
import { useSettings } from '../../data/hooks/queries';
import type { Settings } from '../../data/records/settingsRecord';
import { ring } from '../../ui/ring';

export const usualBenchSettings: NonNullable<Settings['bench']> = {
  sound: true,
  vibration: true,
  speech: false,
};

/** Says a sentence with a voice of the device itself; one that speaks over a network is none of ours. */
function speak(text: string): void {
  const speech = globalThis.speechSynthesis;
  if (speech === undefined || text === '') return;
  const voice = speech
    .getVoices()
    .find(({ localService, lang }) => localService && lang.startsWith('en'));
  if (voice === undefined) return;
  const said = new SpeechSynthesisUtterance(text);
  said.voice = voice;
  speech.cancel();
  speech.speak(said);
}

/** Makes itself heard and felt as the person set it: a clock twice, a stop longer. */
export function useAlarm(): (what: 'clock' | 'stop', text: string) => void {
  const { sound, vibration, speech } = useSettings().data?.bench ?? usualBenchSettings;
  return useCallback(
    (what, text) => {
      ring({ sound, vibration });
      if (what === 'stop' && vibration) navigator.vibrate?.([400, 150, 400, 150, 400]);
      if (speech) speak(text);
    },
    [sound, vibration, speech],
  );
}
