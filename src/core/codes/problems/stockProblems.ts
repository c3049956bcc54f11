import type { Nothing } from './problemData';

/** What cannot be bought or filled as asked; ml. */
export interface StockProblems {
  'no-kits': Nothing;
  'order-too-large': { readonly needMl: number };
  'too-many-cavities': { readonly most: number };
}
