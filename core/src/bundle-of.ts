/** The bundle out of documents that are told with their revisions. */
import type { Bundle } from './documents/index.js';

/** A bundle as it travels: its documents each with more than their body. */
export interface BundleSnapshot extends Pick<Bundle, 'shelf' | 'hands' | 'claims'> {
  readonly documents: {
    readonly [Name in 'plan' | 'venue' | 'rules' | 'kinds']: { readonly body: Bundle[Name] };
  };
}

export const bundleOf = ({ documents, shelf, hands, claims }: BundleSnapshot): Bundle => ({
  plan: documents.plan.body,
  venue: documents.venue.body,
  rules: documents.rules.body,
  kinds: documents.kinds.body,
  shelf,
  hands,
  claims,
});
