import { ChoiceList, type Choice } from './ChoiceList';
import { SettingLine } from './SettingLine';

interface ChoiceLineProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  /** Those that are used most come first. */
  readonly choices: readonly Choice<T>[];
  readonly onChange: (value: T) => void;
  /** Nobody has chosen: it is as usual. */
  readonly assumed?: boolean;
  /** It must be said first: it stands open to begin with. */
  readonly asks?: boolean;
  /** Said in place of the choice's own name. */
  readonly said?: string;
  readonly testID?: string;
}

/** One of several, on a line that says which; it opens in place and closes as one is taken. */
export function ChoiceLine<T extends string>({
  label,
  value,
  choices,
  onChange,
  assumed = false,
  asks = false,
  said,
  testID,
}: ChoiceLineProps<T>) {
  const chosen = choices.find((choice) => choice.value === value);
  return (
    <SettingLine
      label={label}
      value={said ?? chosen?.label ?? 'not chosen'}
      assumed={assumed}
      asks={asks}
      {...(testID === undefined ? {} : { testID })}
    >
      {(close) => (
        <ChoiceList
          label={label}
          value={value}
          choices={choices}
          onChange={onChange}
          onTaken={close}
        />
      )}
    </SettingLine>
  );
}
