/** Where Nipperkin is when nothing else is said. */
export const usualPort = 4380;

/**
 * The port that was asked for.
 * @param typed as the environment says it
 * @returns a sentence where it is none
 */
export function portOf(typed: string | undefined): number | string {
  if (typed === undefined || typed.trim() === '') return usualPort;
  const port = Number(typed);
  if (/^\d+$/.test(typed.trim()) && port >= 1 && port <= 65_535) return port;
  return `PORT is “${typed}”, which is no port. Set it to a whole number from 1 to 65535, as in PORT=4390 npm start.`;
}

/** What to say where the port is not free, and whether that is a failure. */
export const sayTaken = (
  port: number,
  byNipperkin: boolean,
): { readonly text: string; readonly failed: boolean } =>
  byNipperkin
    ? { text: `Nipperkin is running already, at http://localhost:${port}/`, failed: false }
    : {
        text:
          `Port ${port} is taken by another program, so Nipperkin did not start. ` +
          'End that program, or choose another port, as in PORT=4390 npm start. ' +
          'What you keep belongs to its address: at another port Nipperkin starts with an empty store, ' +
          'and what you have stays at the old one. Save it there as a file and open that file at the new one.',
        failed: true,
      };
