/** Ports that differ by the number in their name alone, which forms fold into one line. */

/** A run of things that are alike: from which index on, how many, and what they are called together. */
export interface AlikeRun {
  readonly first: number;
  readonly count: number;
  /** `SDI in 1 – 20`. */
  readonly label: string;
}

/** Fewer are shown one by one. */
const LEAST = 6;

const NUMBERED = /^(.*?)(\d+)$/;

/** Runs of six or more things after each other whose names count up, and which have the same `like`, in order. */
export function alikeRuns(things: readonly { readonly label: string; readonly like: string }[]): AlikeRun[] {
  const runs: AlikeRun[] = [];
  let first = 0;
  for (let at = 1; at <= things.length; at++) {
    if (follows(things[at - 1], things[at])) continue;
    if (at - first >= LEAST) {
      const last = NUMBERED.exec(things[at - 1]?.label ?? '')?.[2] ?? '';
      runs.push({ first, count: at - first, label: `${things[first]?.label ?? ''} – ${last}` });
    }
    first = at;
  }
  return runs;
}

type Thing = { readonly label: string; readonly like: string } | undefined;

function follows(before: Thing, after: Thing): boolean {
  if (!before || !after || before.like !== after.like) return false;
  const [a, b] = [NUMBERED.exec(before.label), NUMBERED.exec(after.label)];
  return a !== null && b !== null && a[1] === b[1] && Number(b[2]) === Number(a[2]) + 1;
}

/** What tells one port of a form from another besides its name. */
export const likeOf = ({
  id: _id,
  label: _label,
  ...port
}: {
  readonly id?: unknown;
  readonly label?: unknown;
}): string => JSON.stringify(port);
