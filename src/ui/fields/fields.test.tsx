import { act, fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { InputError } from '../../core/problem';
import { ThemeProvider } from '../ThemeProvider';
import { ChoiceField } from './ChoiceField';
import { CountField } from './CountField';
import { focusFirstField } from './focusFirstField';
import { TextField } from './TextField';

const show = (children: ReactNode) => render(<ThemeProvider>{children}</ThemeProvider>);

test('a count goes up and down by one, and never below one', () => {
  const change = jest.fn();
  const { rerender } = show(<CountField label="Count" value="2" onChange={change} />);
  fireEvent.click(screen.getByRole('button', { name: 'More count' }));
  fireEvent.click(screen.getByRole('button', { name: 'Fewer count' }));
  expect(change.mock.calls).toEqual([['3'], ['1']]);
  rerender(
    <ThemeProvider>
      <CountField label="Count" value="1" onChange={change} />
    </ThemeProvider>,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Fewer count' }));
  expect(change).toHaveBeenCalledTimes(2);
});

test('a count that is not a number is not stepped, only told', () => {
  const change = jest.fn();
  const problem = new InputError('not-a-number', 'two', { example: '3' }, 'count');
  show(<CountField label="Count" value="two" onChange={change} problem={problem} />);
  expect(screen.getByText('“two” is not a number. Write it like 3.')).toBeInTheDocument();
  fireEvent.click(screen.getByRole('button', { name: 'More count' }));
  expect(change).not.toHaveBeenCalled();
});

test('choices are a radio group that says which is chosen', () => {
  const change = jest.fn();
  show(
    <ChoiceField
      label="Shape"
      value="box"
      choices={[
        { value: 'box', label: 'Box' },
        { value: 'coat', label: 'Coat', note: 'Thin' },
      ]}
      onChange={change}
    />,
  );
  expect(screen.getByRole('radiogroup', { name: 'Shape' })).toBeInTheDocument();
  expect(screen.getByRole('radio', { name: 'Box' })).toHaveAttribute('aria-checked', 'true');
  const coat = screen.getByRole('radio', { name: /Coat/ });
  expect(coat).toHaveAttribute('aria-checked', 'false');
  fireEvent.click(coat);
  expect(change).toHaveBeenCalledWith('coat');
});

test('Enter goes on to the next field, and leaves the last one', () => {
  show(
    <>
      <TextField label="First" value="" onChange={jest.fn()} />
      <TextField label="Second" value="" onChange={jest.fn()} />
    </>,
  );
  // jsdom lays nothing out: it has no offset parents, by which hidden fields are told.
  const laidOut = jest
    .spyOn(HTMLElement.prototype, 'offsetParent', 'get')
    .mockReturnValue(document.body);
  const [first, second] = [screen.getByLabelText('First'), screen.getByLabelText('Second')];
  act(() => first.focus());
  fireEvent.keyDown(first, { key: 'Enter' });
  expect(second).toHaveFocus();
  fireEvent.keyDown(second, { key: 'Enter' });
  expect(second).not.toHaveFocus();
  laidOut.mockRestore();
});

test('the first field of a part of the screen can be gone to', () => {
  show(
    <div data-testid="cavity-1">
      <TextField label="Length" value="" onChange={jest.fn()} />
    </div>,
  );
  act(() => focusFirstField('cavity-1'));
  expect(screen.getByLabelText('Length')).toHaveFocus();
});
