/** Variants of an event side by side, how one grows into the next, and what all coming events want bought. */
import { bySize, growthPath, lostByEach, nextPurchases, weigh } from '@idle-satchel/core/growth';
import { createAssessor } from '@idle-satchel/core';
import type { Purchases, Variants } from '@idle-satchel/core/api';
import type { Bundle, Plan } from '@idle-satchel/core/documents';
import type { Scope } from '../../database/scope.js';
import { notFound } from '../../problem.js';
import { assessedEvent, readBundle, type Assessed } from './assessed.js';

/** The event that something is a variant of, with all its variants, each weighed. */
export async function variantsOf(scope: Scope, event: string): Promise<Variants> {
  const document = await scope.document(event, 'plan');
  if (!document) throw notFound('event');
  const root = (document.body as Plan).parent ?? event;
  const known = await scope.variantsOf(root);
  const ids = [...((await scope.document(root, 'plan')) ? [root] : []), ...known];
  const found: (Assessed & { readonly id: string })[] = [];
  for (const id of ids) found.push({ id, ...(await assessedEvent(scope, id)) });
  const order = bySize(found);
  const grown = order.flatMap(i => found[i] ?? []);
  const path = growthPath(grown);
  return {
    parent: root,
    variants: found.map(({ id, bundle, assessment }) => ({
      id,
      label: bundle.plan.label,
      weighed: weigh(bundle, assessment, singleOf(bundle, assessment)),
    })),
    path: grown.flatMap(({ id }, i) => {
      const step = path[i];
      return step ? [{ id, step }] : [];
    }),
    ...(found[0]?.bundle.rules.currency && { currency: found[0].bundle.rules.currency }),
  };
}

/** How many devices end an output when they fail alone. */
function singleOf(...[bundle, assessment]: Parameters<typeof weigh>): number {
  const steps = lostByEach(bundle, assessment, createAssessor());
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return [...step.value.values()].filter(({ outputs }) => outputs.length > 0).length;
}

/** Events that are looked at for it, the next ones first. */
const MOST_EVENTS = 20;

/** What all coming events want bought, ranked; variants are no events by themselves. */
export async function nextPurchaseOf(scope: Scope): Promise<Purchases> {
  const ids = await scope.comingEvents(new Date().toISOString(), MOST_EVENTS);
  const bundles: Bundle[] = [];
  for (const id of ids) bundles.push(await readBundle(scope, id));
  const [first] = bundles;
  return {
    purchases: nextPurchases(bundles).map(purchase => ({ purchase })),
    events: bundles.length,
    ...(first?.rules.currency && { currency: first.rules.currency }),
  };
}
