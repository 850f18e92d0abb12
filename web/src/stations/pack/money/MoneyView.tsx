import { Costs } from './Costs.js';
import { HouseMoney } from './HouseMoney.js';
import { Needs } from './Needs.js';
import { NextPurchase } from './NextPurchase.js';
import { QuoteView } from './QuoteView.js';
import { WaysToDo } from './WaysToDo.js';

/** What must be come by, what the event costs besides, and how the house reckons with money. */
export default function MoneyView() {
  return (
    <>
      <Needs />
      <Costs />
      <QuoteView />
      <WaysToDo />
      <NextPurchase />
      <HouseMoney />
    </>
  );
}
