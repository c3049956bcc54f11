import { sayCoded, type Sentences } from '../core/codes/coded';
import type { Warning, WarningCode, WarningCodes } from '../core/plan/planTypes';
import { cardWarnings } from './warnings/cardWarnings';
import { partWarnings } from './warnings/partWarnings';
import { planWarnings } from './warnings/planWarnings';

/** A sentence for every warning, room by room. */
const sentences: Sentences<WarningCodes> = { ...planWarnings, ...cardWarnings, ...partWarnings };

/** What will happen, why, and what to do: three short sentences at most. */
export const sayWarning = <Code extends WarningCode>(warning: Warning<Code>): string =>
  sayCoded<WarningCodes, Code>(sentences, warning);
