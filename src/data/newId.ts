/** A new identifier; `crypto.randomUUID` is missing on pages that are not secure, so it is made here. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(10));
  return [...bytes].map((byte) => byte.toString(36).padStart(2, '0')).join('');
}
