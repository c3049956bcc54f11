import { RepairScreen } from './RepairScreen';
import { choose, openStep, says, type } from '../../testing/openStep';

test('pinholes are measured or filled drop by drop, and the shelf says what fills them soonest', async () => {
  await openStep(<RepairScreen tabs={null} />);
  await says(/0\.06 ml, about 2 drops/);
  await says(/Lens light.*Super glue and activator.*Quick white/, 'repairs');
  type('Deep', '0.4 mm');
  await says(/stays soft under/, 'repairs');
  choose('Drops that fill one');
  type('How many', '10');
  type('Drops in one', '3');
  await says(/0\.9 ml, about 30 drops/);
});

test('what is no size is told, and the list waits', async () => {
  await openStep(<RepairScreen tabs={null} />);
  type('Deep', 'a little');
  await says('Say how large the holes are.');
  type('Deep', '2 mm');
  await says('Super glue and activator', 'repairs');
});
