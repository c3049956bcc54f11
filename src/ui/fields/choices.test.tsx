import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { ThemeProvider } from '../ThemeProvider';
import { ChoiceField } from './ChoiceField';

function Field({ count }: { readonly count: number }) {
  const [value, setValue] = useState('2');
  return (
    <ThemeProvider>
      <ChoiceField
        label="Resin"
        value={value}
        choices={Array.from({ length: count }, (_, index) => ({
          value: String(index + 1),
          label: `Resin ${index + 1}`,
          note: index % 2 === 0 ? 'odd one' : 'even one',
        }))}
        onChange={setValue}
      />
    </ThemeProvider>
  );
}

const chosen = () =>
  screen.getAllByRole('radio').find((each) => each.getAttribute('aria-checked') === 'true');
const inTabOrder = () => screen.getAllByRole('radio').filter(({ tabIndex }) => tabIndex === 0);

test('a few stand side by side: one stop of Tab, arrows go round', () => {
  render(<Field count={3} />);
  expect(inTabOrder()).toEqual([chosen()]);
  fireEvent.keyDown(chosen()!, { key: 'ArrowRight' });
  expect(chosen()).toHaveTextContent('Resin 3');
  expect(chosen()).toHaveFocus();
  fireEvent.keyDown(chosen()!, { key: 'ArrowDown' });
  expect(chosen()).toHaveTextContent('Resin 1');
  fireEvent.keyDown(chosen()!, { key: 'End' });
  expect(chosen()).toHaveTextContent('Resin 3');
  fireEvent.keyDown(chosen()!, { key: 'a' });
  expect(chosen()).toHaveTextContent('Resin 3');
});

test('more than four are a line that says which, opens in place and closes as one is taken', () => {
  render(<Field count={6} />);
  const line = screen.getByRole('button', { name: 'Resin: Resin 2' });
  expect(screen.queryByRole('radio')).toBeNull();
  fireEvent.click(line);
  expect(screen.getAllByRole('radio')).toHaveLength(6);
  expect(screen.queryByLabelText('Search resin')).toBeNull();
  // By keys one goes on choosing; a tap takes one.
  fireEvent.keyDown(chosen()!, { key: 'ArrowDown' });
  expect(chosen()).toHaveTextContent('Resin 3');
  fireEvent.click(screen.getByRole('radio', { name: /Resin 5/ }));
  expect(screen.queryByRole('radio')).toBeNull();
  expect(screen.getByRole('button', { name: 'Resin: Resin 5' })).toHaveFocus();
});

test('of many the first eight are in sight, and a search finds the rest', () => {
  render(<Field count={40} />);
  fireEvent.click(screen.getByRole('button', { name: 'Resin: Resin 2' }));
  expect(screen.getAllByRole('radio')).toHaveLength(8);
  fireEvent.change(screen.getByLabelText('Search resin'), { target: { value: 'resin 3 even' } });
  expect(screen.getAllByRole('radio').map((each) => each.textContent)).toEqual(
    [30, 32, 34, 36, 38].map((index) => `Resin ${index}even one`),
  );
  fireEvent.change(screen.getByLabelText('Search resin'), { target: { value: 'none such' } });
  expect(screen.getByText('Nothing is called that.')).toBeInTheDocument();
  fireEvent.change(screen.getByLabelText('Search resin'), { target: { value: '' } });
  fireEvent.click(screen.getByRole('button', { name: 'Show all 40' }));
  expect(screen.getAllByRole('radio')).toHaveLength(40);
});
