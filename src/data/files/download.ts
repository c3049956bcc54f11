/** Hands the person a file that is made here; nothing leaves the machine. */
export function download(
  fileName: string,
  contents: string | Uint8Array<ArrayBuffer>,
  type = 'application/json',
): void {
  const address = URL.createObjectURL(new Blob([contents], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(address);
}

/** A file name made from a title: letters and digits, joined by hyphens. */
export function fileNameOf(title: string, ending: string): string {
  const words = title
    .normalize('NFKD')
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu);
  return `${words?.join('-') ?? 'job'}${ending}`;
}
