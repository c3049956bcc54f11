const plainWords: Readonly<Record<string, string>> = {
  script: 'a script, which is not run',
  external: 'a link to something else, which is not followed',
  use: 'copies of symbols',
  image: 'a picture',
  text: 'text',
  mtext: 'text',
};

/** What was passed over in a drawing; empty where nothing was. */
export function sayIgnored(open: number, ignored: readonly string[]): string {
  const over = [...new Set(ignored.map((each) => plainWords[each] ?? each))];
  const parts = [
    ...(open > 0
      ? [
          open === 1
            ? 'an open line that closes no outline'
            : `${open} open lines that close no outline`,
        ]
      : []),
    ...over,
  ];
  return parts.length === 0 ? '' : `Ignored: ${parts.join(', ')}.`;
}
