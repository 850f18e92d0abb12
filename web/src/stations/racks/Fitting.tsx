import type { RackItem } from '@idle-satchel/core';

const steps = (from: number, to: number, by: number): number[] =>
  Array.from({ length: Math.max(0, Math.floor((to - from) / by)) }, (_, i) => from + (i + 0.5) * by);

/** What is drawn on the face of a thing that holds, covers or cools the rest, by what it is. */
export function Fitting({
  fitting,
  x,
  y,
  width,
  height,
}: {
  fitting: RackItem['fitting'];
  x: number;
  y: number;
  width: number;
  height: number;
}) {
  const path = pathOf(fitting, x, y, width, height);
  return path ? <path d={path} fill="none" stroke="var(--faint)" aria-hidden /> : null;
}

function pathOf(
  fitting: RackItem['fitting'],
  x: number,
  y: number,
  width: number,
  height: number,
): string | undefined {
  const middle = y + height / 2;
  const half = [x + width * 0.45, x + width - 12] as const;
  switch (fitting) {
    case 'drawer':
      return `M${x + width / 2 - 16},${y + height - 7}h32v3h-32z`;
    case 'open blank':
      return steps(...half, 7)
        .map(at => `M${at},${middle - height * 0.25}v${height * 0.5}`)
        .join('');
    case 'brush plate':
      return steps(...half, 4)
        .map(at => `M${at},${middle - 3}v6`)
        .join('');
    case 'patch panel':
      return steps(...half, 16)
        .map(at => `M${at - 4},${middle - 4}h8v8h-8z`)
        .join('');
    case 'fan unit': {
      const r = Math.min(9, height * 0.36);
      return steps(x + width * 0.3, x + width * 0.62, r * 3)
        .map(
          at =>
            `M${at - r},${middle}a${r},${r} 0 1 0 ${2 * r},0a${r},${r} 0 1 0 ${-2 * r},0M${at - r},${middle}h${2 * r}M${at},${middle - r}v${2 * r}`,
        )
        .join('');
    }
    default:
      return undefined;
  }
}
