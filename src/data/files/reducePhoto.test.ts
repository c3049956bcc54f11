import { InputError } from '../../core/problem';
import { bytesOfPicture, piecePhotoPx, reducePhoto } from './reducePhoto';

const problemOf = async (file: Blob): Promise<string> => {
  try {
    await reducePhoto(file, piecePhotoPx);
    return 'none';
  } catch (error) {
    if (error instanceof InputError) return `${error.code} ${JSON.stringify(error.data)}`;
    throw error;
  }
};

test('a file that would take the page down is not unpacked', async () => {
  const large = new Blob(['x']);
  Object.defineProperty(large, 'size', { value: 65e6 });
  expect(await problemOf(large)).toBe('picture-too-large {"mostMb":64}');
});

test('three bytes are four letters of an address', () => {
  const bytes = Buffer.alloc(300, 7).toString('base64');
  expect(bytesOfPicture(`data:image/jpeg;base64,${bytes}`)).toBe(300);
  expect(bytesOfPicture('')).toBe(0);
});
