/** A queue in the order of bounds. */
export interface Bounded {
  readonly bound: number;
}

/** What has a bound, the highest first: a binary heap. */
export class BoundQueue<Node extends Bounded> {
  private readonly nodes: Node[] = [];

  push(node: Node): void {
    const { nodes } = this;
    let at = nodes.length;
    nodes.push(node);
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if ((nodes[parent] as Node).bound >= node.bound) break;
      nodes[at] = nodes[parent] as Node;
      at = parent;
    }
    nodes[at] = node;
  }

  pop(): Node | undefined {
    const { nodes } = this;
    const top = nodes[0];
    const last = nodes.pop();
    if (!last || nodes.length === 0) return top;
    let at = 0;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= nodes.length) break;
      if (child + 1 < nodes.length && (nodes[child + 1] as Node).bound > (nodes[child] as Node).bound)
        child++;
      if ((nodes[child] as Node).bound <= last.bound) break;
      nodes[at] = nodes[child] as Node;
      at = child;
    }
    nodes[at] = last;
    return top;
  }
}
