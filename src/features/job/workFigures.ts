import { createContext } from 'react';
import type { JobStep } from './steps';

/** What a step comes to that is not of the plan alone, and whether all of it is done. */
export interface WorkFigure {
  readonly figure: string;
  readonly isDone: boolean;
  /** It is being done: it is gone on with before anything else. */
  readonly isUnderWay?: boolean;
}

export type WorkFigures = Readonly<Partial<Record<JobStep, WorkFigure>>>;

/** Figures of steps that other rooms tell: what is prepared, held down, and when. */
export const WorkFiguresContext = createContext<WorkFigures>({});
