import { getDocumentAsync } from 'expo-document-picker';

/** Lets the person choose a file; undefined when they think better of it. */
export async function chooseJsonFile(): Promise<string | undefined> {
  const chosen = await getDocumentAsync({ type: 'application/json', base64: false });
  return chosen.assets?.[0]?.file?.text();
}
