import { QueryClient, QueryClientProvider, useQueries } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { InputError } from '../../core/problem';
import { ThemeProvider } from '../ThemeProvider';
import { FailedWork } from './FailedWork';

/** Two cups, each asked for by a key of its own, as the bench asks for them. */
function Cups({ answer }: { readonly answer: (cup: number) => Promise<string> }) {
  const answers = useQueries({
    queries: [1, 2].map((cup) => ({ queryKey: ['cup', cup], queryFn: () => answer(cup) })),
    combine: (results) => results.map(({ data }) => data),
  });
  return <p>{answers.map((each) => each ?? 'by its plan').join(', ')}</p>;
}

function show(answer: (cup: number) => Promise<string>) {
  function Bench() {
    const [client] = useState(
      () => new QueryClient({ defaultOptions: { queries: { retry: false } } }),
    );
    return (
      <QueryClientProvider client={client}>
        <ThemeProvider>
          <Cups answer={answer} />
          <FailedWork of="cup" />
          <FailedWork of="cure" />
        </ThemeProvider>
      </QueryClientProvider>
    );
  }
  render(<Bench />);
}

test('what a thread could not work out is asked for once more, all of it, and no more is said once it comes', async () => {
  let isThere = false;
  const asked: number[] = [];
  show(async (cup) => {
    asked.push(cup);
    if (!isThere) throw new InputError('worker-failed', undefined);
    return `cup ${cup}`;
  });
  const again = await screen.findByRole('button', { name: 'Try again' });
  // What is asked for by another name has not failed.
  expect(screen.getAllByRole('alert')).toHaveLength(1);
  expect(screen.getByText('by its plan, by its plan')).toBeVisible();
  isThere = true;
  fireEvent.click(again);
  expect(await screen.findByText('cup 1, cup 2')).toBeVisible();
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
  expect(asked).toEqual([1, 2, 1, 2]);
});

test('only what failed is asked for once more, and it may fail again', async () => {
  const asked: number[] = [];
  show(async (cup) => {
    asked.push(cup);
    if (cup === 2) throw new InputError('worker-too-slow', undefined, { seconds: 30 });
    return `cup ${cup}`;
  });
  fireEvent.click(await screen.findByRole('button', { name: 'Try again' }));
  await waitFor(() => expect(asked).toEqual([1, 2, 2]));
  expect(await screen.findByRole('alert')).toHaveTextContent('30 s');
  expect(screen.getByText('cup 1, by its plan')).toBeVisible();
});

test('nothing is said while all of it comes', async () => {
  show(async (cup) => `cup ${cup}`);
  expect(await screen.findByText('cup 1, cup 2')).toBeVisible();
  expect(screen.queryByRole('alert')).toBeNull();
});
