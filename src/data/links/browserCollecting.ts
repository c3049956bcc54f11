import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { answering } from '../store/keyValueStorage';
import { createCollecting } from './collecting';

const answerMs = 10_000;

/** The parts that this browser has read so far. */
export const collecting = createCollecting(
  answering(createAsyncStorage('nipperkin-links'), answerMs),
);
