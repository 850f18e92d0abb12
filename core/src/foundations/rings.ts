/** Rings in a directed graph: sets of nodes that all lead to each other. */

/**
 * The strongly connected components that hold a ring: of more than one node, or of one that leads to itself (Tarjan
 * 1972, without recursion). `next` gives where a node leads to; nodes and components come in the order of `nodes`.
 */
export function ringsOf(nodes: readonly string[], next: (node: string) => readonly string[]): string[][] {
  const order = new Map(nodes.map((node, i) => [node, i]));
  const index = new Map<string, number>();
  const low = new Map<string, number>();
  const held = new Set<string>();
  const stack: string[] = [];
  const rings: string[][] = [];
  const after = (node: string): string[] => next(node).filter(each => order.has(each));
  const lower = (node: string, value: number): void =>
    void low.set(node, Math.min(low.get(node) ?? value, value));
  for (const root of nodes) {
    if (index.has(root)) continue;
    const work: { node: string; to: string[]; at: number }[] = [];
    const enter = (node: string): void => {
      index.set(node, index.size);
      low.set(node, index.size - 1);
      stack.push(node);
      held.add(node);
      work.push({ node, to: after(node), at: 0 });
    };
    enter(root);
    for (let top = work.at(-1); top; top = work.at(-1)) {
      const to = top.to[top.at++];
      if (to === undefined) {
        work.pop();
        const { node } = top;
        const parent = work.at(-1);
        if (parent) lower(parent.node, low.get(node) ?? 0);
        if (low.get(node) === index.get(node)) close(node);
      } else if (!index.has(to)) enter(to);
      else if (held.has(to)) lower(top.node, index.get(to) ?? 0);
    }
  }
  return rings.sort((a, b) => (order.get(a[0] ?? '') ?? 0) - (order.get(b[0] ?? '') ?? 0));

  function close(node: string): void {
    const component = stack.splice(stack.lastIndexOf(node));
    for (const each of component) held.delete(each);
    if (component.length === 1 && !after(node).includes(node)) return;
    rings.push(component.sort((a, b) => (order.get(a) ?? 0) - (order.get(b) ?? 0)));
  }
}
