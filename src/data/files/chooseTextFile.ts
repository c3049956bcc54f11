import { getDocumentAsync } from 'expo-document-picker';
import { textOf } from './textOf';

/** Lets the person choose a file; undefined when they think better of it. */
export async function chooseFile(...types: string[]): Promise<File | undefined> {
  const chosen = await getDocumentAsync({ type: types, base64: false });
  return chosen.assets?.[0]?.file;
}

/** A file that the person chose, read as text. */
export interface ChosenText {
  readonly name: string;
  readonly text: string;
}

/** As `chooseFile`, read as text. Rejects with InputError `file-too-large`, `not-utf8`. */
export async function chooseTextFile(...types: string[]): Promise<ChosenText | undefined> {
  const file = await chooseFile(...types);
  return file === undefined ? undefined : { name: file.name, text: await textOf(file) };
}

export const chooseJsonFile = async (): Promise<string | undefined> =>
  (await chooseTextFile('application/json'))?.text;
