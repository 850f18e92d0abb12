/** Where people speak or play, as a survey names them: “Lectern, Panel 4 seated, Choir 24”. */
import type { Mark, Posture } from '../documents/index.js';
import { FACE_HEIGHTS } from '../drafting/index.js';
import { boundsOf, ordersFor, type Point } from '../foundations/index.js';
import { stageOf } from './inside.js';
import type { Measures } from './shapes.js';
import { idOf, type Guessing, type Survey, type SurveyedMark } from './survey.js';
import { inMillimetres } from './walls.js';

const MARK = /^(.+?)(?:\s+(\d{1,3}))?(?:\s+(seated|sitting|standing))?$/i;
const MOST = 300;

/** The marks that a text names, with commas between: what it is, how many are there, seated or standing. */
export function readMarks(text: string): SurveyedMark[] {
  return text.split(/[,;\n]+/).flatMap((words): SurveyedMark[] => {
    const [, label, digits, done] = MARK.exec(words.trim()) ?? [];
    if (label === undefined) return [];
    const people = digits === undefined ? undefined : Number(digits);
    const known = people !== undefined && people >= 1 && people <= MOST;
    const posture: Posture | undefined =
      done === undefined ? undefined : done.toLowerCase() === 'standing' ? 'standing' : 'seated';
    return [
      {
        label: (people === undefined || known ? label : `${label} ${digits}`).slice(0, 60),
        ...(known && { people }),
        ...(posture !== undefined && { posture }),
      },
    ];
  });
}

/** Width of one of a group, m, and most that stand or sit in one row. */
const ABREAST = { standing: 0.6, seated: 0.75 } as const;
const IN_A_ROW = 8;

/** Width that a group takes, m, in as few rows as do with eight in each. */
function widthFor(people: number, posture: Posture): number {
  const rows = Math.ceil(people / IN_A_ROW);
  return inMillimetres(Math.ceil(people / rows) * ABREAST[posture]);
}

/** Marks side by side across the front, facing the audience in the west. */
export function marksOf(
  survey: Survey,
  m: Measures,
  outline: readonly Point[],
  guess: Guessing,
): Record<string, Mark> {
  const { marks, light } = survey;
  const { min, max } = boundsOf(outline);
  const { length = max[0], stageDepth = stageOf(survey, m)?.depth } = m;
  const x = inMillimetres(stageDepth === undefined ? length * 0.83 : length - stageDepth * 0.7);
  const across = m.width ?? max[1] - min[1];
  const orders = ordersFor(marks.length);
  return Object.fromEntries(
    marks.map(({ label, people, posture: said }, i): [string, Mark] => {
      const posture = said ?? 'standing';
      const id = idOf('mark', i);
      const y = inMillimetres(min[1] + (across * (i + 1)) / (marks.length + 1));
      guess(`/marks/${id}/at`, `place of ${label}`);
      const group = people !== undefined && people > 1;
      if (group) guess(`/marks/${id}/width`, `width of ${label}`);
      const mark: Mark = {
        order: orders[i] ?? '',
        label,
        at: [x, y],
        height: FACE_HEIGHTS[posture],
        facing: 180,
        ...(light !== undefined && { light }),
        ...(people !== undefined && { people }),
        ...(said !== undefined && { posture }),
        ...(group && { width: widthFor(people, posture) }),
      };
      return [id, mark];
    }),
  );
}
