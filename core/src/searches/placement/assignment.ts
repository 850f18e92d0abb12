/**
 * The assignment problem: rows take columns, one each, so that the sum of what is taken is greatest. Shortest
 * augmenting paths over reduced costs (Kuhn 1955, Munkres 1957; as in Jonker and Volgenant 1987), O(rows²·columns).
 */

/**
 * The column each row takes, or -1 where taking none is better. `worth[row][column]` may be negative, which is never
 * taken.
 */
export function assign(score: readonly (readonly number[])[]): number[] {
  const rows = score.length;
  const real = score[0]?.length ?? 0;
  // A column of its own for every row stands for taking nothing.
  const columns = real + rows;
  const cost = (row: number, column: number): number =>
    column < real ? -Math.max(0, score[row]?.[column] ?? 0) : 0;
  const ofRow = new Float64Array(rows + 1);
  const ofColumn = new Float64Array(columns + 1);
  /** Row that holds a column, counted from 1; 0 = free. Column 0 stands for the row being placed. */
  const holder = new Int32Array(columns + 1);
  const before = new Int32Array(columns + 1);
  for (let row = 1; row <= rows; row++) {
    holder[0] = row;
    let column = 0;
    const least = new Float64Array(columns + 1).fill(Infinity);
    const seen = new Uint8Array(columns + 1);
    while (holder[column] !== 0) {
      seen[column] = 1;
      const from = holder[column] as number;
      let [step, next] = [Infinity, 0];
      for (let c = 1; c <= columns; c++) {
        if (seen[c]) continue;
        const reduced = cost(from - 1, c - 1) - (ofRow[from] as number) - (ofColumn[c] as number);
        if (reduced < (least[c] as number)) [least[c], before[c]] = [reduced, column];
        if ((least[c] as number) < step) [step, next] = [least[c] as number, c];
      }
      for (let c = 0; c <= columns; c++) {
        if (seen[c]) {
          const held = holder[c] as number;
          ofRow[held] = (ofRow[held] as number) + step;
          ofColumn[c] = (ofColumn[c] as number) - step;
        } else least[c] = (least[c] as number) - step;
      }
      column = next;
    }
    while (column !== 0) {
      holder[column] = holder[before[column] as number] as number;
      column = before[column] as number;
    }
  }
  const taken = new Array<number>(rows).fill(-1);
  for (let c = 1; c <= real; c++) {
    const row = (holder[c] as number) - 1;
    if (row >= 0 && (score[row]?.[c - 1] ?? 0) > 0) taken[row] = c - 1;
  }
  return taken;
}
