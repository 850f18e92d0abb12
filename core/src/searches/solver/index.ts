export { saidOf, type ConflictSaid } from './conflict-words.js';
export { differentWays, type Aim, type OtherWay, type OtherWays } from './different-ways.js';
export { highsSolver } from './highs.js';
export { inTurn } from './in-turn.js';
export { lazily } from './lazily.js';
export {
  keeps,
  onceEach,
  Programme,
  rule,
  rulesOf,
  valueOf,
  type Model,
  type Row,
  type Rule,
  type Sum,
  type Values,
  type Variable,
} from './programme.js';
export {
  incumbentOf,
  NoAnswer,
  type Incumbent,
  type Limits,
  type ProgrammeSolver,
  type Solved,
  type Status,
} from './solve.js';
export { whyNone, type Conflict, type Relaxed } from './why-none.js';
