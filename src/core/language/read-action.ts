import type { Guise } from '../model/action';
import type { Dose } from '../model/dose';
import type { Move } from '../model/move';

/** One action as read from a line. `usualAmount`: the line names none, the move's usual is taken. */
export type ReadAction = Readonly<{ move: Move; dose: Dose; guise: Guise; usualAmount: boolean }>;
