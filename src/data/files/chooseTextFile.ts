import { getDocumentAsync } from 'expo-document-picker';

/** A file that the person chose, read as text. */
export interface ChosenText {
  readonly name: string;
  readonly text: string;
}

/** Lets the person choose a file; undefined when they think better of it. */
export async function chooseTextFile(...types: string[]): Promise<ChosenText | undefined> {
  const chosen = await getDocumentAsync({ type: types, base64: false });
  const file = chosen.assets?.[0]?.file;
  return file === undefined ? undefined : { name: file.name, text: await file.text() };
}

export const chooseJsonFile = async (): Promise<string | undefined> =>
  (await chooseTextFile('application/json'))?.text;
