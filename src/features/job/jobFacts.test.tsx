import { screen, waitFor } from '@testing-library/react';
import { demoResins } from '../../data/demo/demoResins';
import { openLine, openStep, says, type } from '../../testing/openStep';
import { JobFacts } from './JobFacts';
import { useNameByMeasure } from './useNameByMeasure';
import type { JobStep } from './steps';

function Facts({ step }: { readonly step?: JobStep }) {
  useNameByMeasure(step);
  return <JobFacts onSheet={() => undefined} />;
}

test('a job is named, and its room is said', async () => {
  const { saved } = await openStep(<Facts />);
  type('Name', 'Tray for the hall');
  type('Room temperature', '18');
  await saved((job) => {
    expect(job.name).toBe('Tray for the hall');
    expect(job.room).toEqual({ temperature: '18 °C' });
  });
});

test('the one pour of a file that says its own room: the line is of the room that counts', async () => {
  const resin = demoResins.find(({ id }) => id === 'demo-slow-clear');
  const { saved } = await openStep(<Facts />, {
    version: 2,
    pours: [{ overage: '10 %', resin, room: { temperature: '25 °C' } }],
  });
  await says('25 °C');
  type('Room temperature', '18');
  await saved(({ pours }) => expect(pours[0]?.room).toEqual({ temperature: '18 °C' }));
});

test('a job that nobody named is called by what is measured, until somebody does', async () => {
  const { saved } = await openStep(<Facts />, { name: 'New job' });
  await saved(({ name }) => expect(name).toBe('Box, 1.9 l'));
  openLine('Name');
  await waitFor(() => expect(screen.getByDisplayValue('Box, 1.9 l')).toBeInTheDocument());
  type('Name', '');
  await saved(({ name }) => expect(name).toBe(''));
});

test('while it is measured its name stays as it is', async () => {
  const { saved } = await openStep(<Facts step="measure" />, { name: 'New job' });
  type('Room temperature', '17');
  await saved(({ room, name }) => {
    expect(room).toEqual({ temperature: '17 °C' });
    expect(name).toBe('New job');
  });
});
