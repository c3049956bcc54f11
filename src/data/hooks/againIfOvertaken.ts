import { StaleWriteError } from '../store/staleWriteError';

/** Another window was first: what it wrote is read, and the change is made to that, once. */
export async function againIfOvertaken<T>(write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    if (!(error instanceof StaleWriteError)) throw error;
    return write();
  }
}
