import { InputError } from '../../core/problem';
import { readPriceList, type PriceRow } from '../../core/stock/priceList';
import { rowsOfCsv } from './tables';

/** Rejects with InputError for the first thing that is wrong. */
export const readPrices = async (text: string): Promise<readonly PriceRow[]> =>
  readPriceList(await rowsOfCsv(text));

/**
 * The supplier's list as it is now; it is served beside the app.
 * Rejects with InputError `supplier-silent` where there is no answer.
 */
export async function fetchPrices(): Promise<readonly PriceRow[]> {
  const answer = await fetch('/suppliers/price-list.csv').catch(() => undefined);
  if (answer === undefined || !answer.ok) throw new InputError('supplier-silent', answer?.status);
  return readPrices(await answer.text());
}
