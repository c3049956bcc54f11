/** Puts a text where it can be pasted from, and tells whether it could; what does it is fetched when it is wanted. */
export async function copyText(text: string): Promise<boolean> {
  const { setStringAsync } = await import('expo-clipboard');
  return setStringAsync(text);
}
