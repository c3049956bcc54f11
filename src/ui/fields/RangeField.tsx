import { createElement, Fragment, useId, type ChangeEvent } from 'react';
import { useColours } from '../theme/theme';
import { touch } from '../theme/tokens';

interface RangeFieldProps {
  readonly label: string;
  /** What the value means, for those who do not see the picture beside it. */
  readonly told: string;
  readonly value: number;
  readonly greatest: number;
  /** What happens at some values: marks along the slide, that it holds at. */
  readonly marks?: readonly { readonly word: string; readonly at: number }[];
  readonly onChange: (value: number) => void;
}

/** Steps of a whole range by keyboard. */
const steps = 200;

/** A value from nothing to something by a slide. The browser's own: it answers to keys, fingers and readers alike. */
export function RangeField({
  label,
  told,
  value,
  greatest,
  marks = [],
  onChange,
}: RangeFieldProps) {
  const colours = useColours();
  const id = useId();
  const input = createElement('input', {
    type: 'range',
    'aria-label': label,
    'aria-valuetext': told,
    min: 0,
    max: greatest,
    step: greatest / steps,
    value,
    onChange: ({ target }: ChangeEvent<HTMLInputElement>) => onChange(Number(target.value)),
    list: id,
    style: { flex: 1, minWidth: 0, height: touch.table, accentColor: colours.ink },
  });
  return createElement(
    Fragment,
    null,
    input,
    createElement(
      'datalist',
      { id },
      marks.map(({ word, at }) => createElement('option', { key: word, value: at, label: word })),
    ),
  );
}
