/** In what lengths and temperatures are told. */
export interface UnitsTold {
  readonly length: 'mm' | 'in';
  readonly temperature: '°C' | '°F';
}

export const metric: UnitsTold = { length: 'mm', temperature: '°C' };

let told = metric;

/** From here on: as with the language of a page, whoever changes it shows everything anew. The command never does. */
export function tellIn(units: UnitsTold): void {
  told = units;
}

export const unitsTold = (): UnitsTold => told;
