import { resolve } from 'node:path';
import { createApp } from './app';
import { listen } from './listen';

const usualPort = 4380;

async function main(): Promise<void> {
  const port = Number(process.env['PORT'] ?? usualPort);
  const startsEmpty = process.argv.includes('--empty');
  const { address, close } = await listen(createApp(resolve('dist')), port);
  process.stdout.write(`Nipperkin is at ${address}/${startsEmpty ? '?start=empty' : ''}\n`);
  const stop = (): void => {
    void close().then(() => process.exit(0));
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

void main();
