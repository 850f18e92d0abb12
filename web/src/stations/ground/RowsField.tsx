import {
  fieldSet,
  rowCount,
  rowLimits,
  seatDepth,
  spacingFor,
  whyNoRows,
  type Area,
  type Part,
} from '@idle-satchel/core';
import { NumberField } from '../../ledger/NumberField.js';
import { useOpenEvent } from '../../store/hooks.js';

const areaOf = (part: Part): Area => part.record as unknown as Area;

/** How many rows of seats blocks hold, each as deep as it is; or why they show none. */
export function RowsField({ parts }: { parts: readonly Part[] }) {
  const { store } = useOpenEvent();
  const blocks = parts.map(areaOf);
  const depths = blocks.flatMap(block => seatDepth(block) ?? []);
  const limits = rowLimits(depths);
  const [count, ...others] = blocks.map(rowCount);
  const why = blocks.map(whyNoRows).find(Boolean);
  const named = parts.length > 1 ? `${parts.length} blocks` : (parts[0]?.label ?? '');
  return (
    <>
      {depths.length === parts.length && (
        <NumberField
          label="Rows"
          unit="pieces"
          whole
          optional
          min={limits.least}
          max={limits.most}
          value={others.every(each => each === count) ? count : undefined}
          onCommit={rows =>
            store.editVenue(
              `${named}: rows`,
              parts.flatMap((part, i) =>
                fieldSet(
                  part,
                  'rowSpacing',
                  rows === undefined ? undefined : spacingFor(depths[i] ?? 1, rows),
                ),
              ),
            )
          }
        />
      )}
      {why !== undefined && <p className="py-1 text-risk">{why}</p>}
    </>
  );
}
