import type { CardProblems } from './cardProblems';
import type { ColourProblems } from './colourProblems';
import type { FamilyProblems } from './familyProblems';
import type { FileProblems } from './fileProblems';
import type { HeatProblems } from './heatProblems';
import type { InputProblems } from './inputProblems';
import type { LayerProblems } from './layerProblems';
import type { LearnProblems } from './learnProblems';
import type { MeasureProblems } from './measureProblems';
import type { MixProblems } from './mixProblems';
import type { OutsideProblems } from './outsideProblems';
import type { PourProblems } from './pourProblems';
import type { StockProblems } from './stockProblems';

/** Everything that can be wrong with an input, room by room: each code with its data. */
export interface ProblemCodes
  extends
    InputProblems,
    CardProblems,
    HeatProblems,
    LayerProblems,
    LearnProblems,
    MixProblems,
    ColourProblems,
    StockProblems,
    MeasureProblems,
    FileProblems,
    FamilyProblems,
    PourProblems,
    OutsideProblems {}

export type ProblemCode = keyof ProblemCodes;
