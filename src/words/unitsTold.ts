/** In what lengths and temperatures are told. */
export interface UnitsTold {
  readonly length: 'mm' | 'in';
  readonly temperature: '°C' | '°F';
}

/** What figures are told in: those, and beside millilitres the volumes of someone who measures in inches. */
interface AllTold extends UnitsTold {
  readonly usVolumes?: boolean;
}

export const metric: UnitsTold = { length: 'mm', temperature: '°C' };

let told: AllTold = metric;

/** From here on: as with the language of a page, whoever changes it shows everything anew. The command never does. */
export function tellIn(units: AllTold): void {
  told = units;
}

export const unitsTold = (): AllTold => told;
