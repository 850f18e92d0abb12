/** Steps over a grid, for plain searches in tests. */

type Cell = readonly [dx: number, dy: number];

/**
 * The cells that the straight line of a slanting step from middle to middle passes, found by walking along it; where it
 * goes through a corner, both cells beside that.
 */
function walkedThrough(dx: number, dy: number): readonly Cell[] {
  if (Math.abs(dx) === Math.abs(dy)) {
    return [
      [Math.sign(dx), 0],
      [0, Math.sign(dy)],
    ];
  }
  const passed = new Map<string, Cell>();
  for (let t = 0.01; t < 1; t += 0.01) {
    const cell = [Math.round(dx * t) + 0, Math.round(dy * t) + 0] as const;
    passed.set(cell.join(), cell);
  }
  return [...passed.values()].filter(([x, y]) => (x !== 0 || y !== 0) && (x !== dx || y !== dy));
}

const known = new Map<number, readonly Cell[]>();

/** The same, walked once for each step. */
export function cellsPassed(dx: number, dy: number): readonly Cell[] {
  const key = dx * 10 + dy;
  const cells = known.get(key) ?? walkedThrough(dx, dy);
  known.set(key, cells);
  return cells;
}
