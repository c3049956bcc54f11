import { Words } from '../text/Words';

interface CardNoticesProps {
  /** What it is: a card, a mould. */
  readonly what: string;
  /** Another tab changed it first. */
  readonly stale: boolean;
  /** Entries that are not right, once the person has asked to save. */
  readonly wrong: number;
}

/** Why a card is not saved yet. */
export function CardNotices({ what, stale, wrong }: CardNoticesProps) {
  return (
    <>
      {stale && (
        <Words colour="stop" role="alert">
          This {what} was changed in another window. Go back and open it again; what you typed here
          is still on this screen.
        </Words>
      )}
      {wrong > 0 && (
        <Words colour="stop" role="alert">
          Not saved yet: {wrong === 1 ? 'one entry is' : `${wrong} entries are`} not right.
        </Words>
      )}
    </>
  );
}
