const betweenMs = 2;
const patienceMs = 20_000;

/** Waits until what is expected holds; fails with its own words where it does not come to hold. */
export async function eventually(expected: () => void): Promise<void> {
  for (const end = Date.now() + patienceMs; ;) {
    try {
      return expected();
    } catch (error) {
      if (Date.now() > end) throw error;
      await new Promise((resolve) => setTimeout(resolve, betweenMs));
    }
  }
}
