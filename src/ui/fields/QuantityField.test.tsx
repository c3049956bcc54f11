import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { type InputError } from '../../core/problem';
import { readQuantity } from '../../core/quantity/readQuantity';
import { amountRule } from '../../core/quantity/rules';
import { ThemeProvider } from '../ThemeProvider';
import { QuantityField } from './QuantityField';

function problemOf(value: string): InputError | undefined {
  try {
    readQuantity(value, amountRule);
    return undefined;
  } catch (error) {
    return error as InputError;
  }
}

function Amount({ kept }: { readonly kept: (text: string) => void }) {
  const [value, setValue] = useState('');
  return (
    <ThemeProvider>
      <QuantityField
        label="Amount"
        value={value}
        unit="g"
        rule={amountRule}
        problem={problemOf(value)}
        onChange={(text) => {
          setValue(text);
          kept(text);
        }}
      />
    </ThemeProvider>
  );
}

function setUp() {
  const kept = jest.fn();
  render(<Amount kept={kept} />);
  const input = screen.getByLabelText<HTMLInputElement>('Amount');
  const type = (text: string): void => {
    fireEvent.focus(input);
    fireEvent.change(input, { target: { value: text } });
  };
  return { input, kept, type };
}

test('a bare figure is kept with the unit, and shown with it once the field is left', () => {
  const { input, kept, type } = setUp();
  type('500');
  expect(input.value).toBe('500');
  expect(kept).toHaveBeenLastCalledWith('500 g');
  fireEvent.blur(input);
  expect(input.value).toBe('500 g');
});

test('what is wrong is said beside what was typed, which stays', () => {
  const { input, type } = setUp();
  type('lots');
  expect(screen.getByText(/is not a volume or a mass/)).toBeInTheDocument();
  expect(input.value).toBe('lots');
  expect(input).toHaveAttribute('aria-invalid', 'true');
  expect(input.getAttribute('aria-describedby')).toBeTruthy();
});

test('oz is settled by choosing which one', () => {
  const { kept, type } = setUp();
  type('12 oz');
  fireEvent.click(screen.getByRole('button', { name: 'imp fl oz' }));
  expect(kept).toHaveBeenLastCalledWith('12 imp fl oz');
  expect(screen.queryByText(/more than one unit/)).toBeNull();
});

test('so is a comma that could part thousands, wherever it stands in a sum', () => {
  const { kept, type } = setUp();
  type('5+1,200 ml');
  fireEvent.click(screen.getByRole('button', { name: '1200' }));
  expect(kept).toHaveBeenLastCalledWith('5+1200 ml');
});
