import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { answering, type KeyValueStorage } from '../store/keyValueStorage';
import { readSaved, type Saved } from './nudge';

const answerMs = 30_000;
const savedKey = 'saved';

/** Where safety copies are kept in this browser: beside the records, so that what harms those leaves their copies. */
export const copyStorage: KeyValueStorage = answering(
  createAsyncStorage('nipperkin-copies'),
  answerMs,
);

/** What is known of the last file that the person saved. */
export const readSavedHere = async (): Promise<Saved> =>
  readSaved((await copyStorage.getMany([savedKey]))[savedKey]);

export const writeSavedHere = (saved: Saved): Promise<void> =>
  copyStorage.setMany({ [savedKey]: JSON.stringify(saved) });
