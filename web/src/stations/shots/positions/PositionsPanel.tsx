import { inOrder, showText } from '@idle-satchel/core';
import { layoutPatch, letterOf, type Position, type Progress } from '@idle-satchel/core/searches';
import { useEffect, useSyncExternalStore } from 'react';
import { useEvent, useOpenEvent, usePlan, useReading } from '../../../store/hooks.js';
import { AskPlace } from './AskPlace.js';
import { DeskPlaces } from './DeskPlaces.js';
import { LayoutCards } from './LayoutCards.js';
import { LayoutTable } from './LayoutTable.js';
import { LeftOutList } from './LeftOutList.js';
import { change, positions } from './positions.js';
import { closePositions, search, stopSearch } from './searching.js';
import { OptionFields } from './OptionFields.js';
import { GuardedButton } from '../../../ui/GuardedButton.js';

/** How far around a place it is refused or insisted on, m. */
const AROUND = 1;

/** “Find positions”: what is asked of the search, how far it is, and what it found. */
export default function PositionsPanel() {
  const { store } = useOpenEvent();
  const state = useSyncExternalStore(positions.subscribe, positions.get);
  const bundle = useEvent(each => each.bundle);
  const devices = usePlan(plan => plan.devices);
  const shots = usePlan(plan => plan.shots);
  useEffect(() => stopSearch, []);
  if (!state) return null;
  const { options, progress, found, chosen, asked, failed } = state;
  const layout = found?.layouts[chosen];
  const around = ({ at, level }: Position) => ({ at, radius: AROUND, ...(level !== undefined && { level }) });
  const again = (part: Partial<typeof options>): void => {
    change({ options: { ...options, ...part } });
    search(bundle);
  };
  const use = (): void => {
    if (!layout) return;
    store.patchPlan('Use the positions found', layoutPatch(layout, bundle).patch);
    closePositions();
  };
  return (
    <section aria-label="Find positions">
      <div className="flex items-baseline justify-between pt-1">
        <h2>Where to put the cameras</h2>
        <button className="link" onClick={closePositions}>
          Close
        </button>
      </div>
      {inOrder(shots).length === 0 ? (
        <p className="my-2">Nothing is wanted yet: give a camera something to show, then look for places.</p>
      ) : (
        <>
          <OptionFields options={options} worked={id => devices?.[id]?.worked ?? 'locked'} />
          <p className="py-2">
            {progress ? (
              <button className="button" onClick={stopSearch}>
                Stop
              </button>
            ) : (
              <GuardedButton
                className="button button-main"
                why={
                  options.cameras.length === 0
                    ? 'tick a camera that may be put up'
                    : options.heights.length === 0
                      ? 'name a height that it may look from'
                      : undefined
                }
                onClick={() => search(bundle)}
              >
                Search
              </GuardedButton>
            )}
          </p>
          <Found progress={progress} failed={failed} />
        </>
      )}
      {found && layout && (
        <>
          {state.of !== bundle && (
            <p className="text-risk">The plan has changed since this was found: search again.</p>
          )}
          <p className="text-faint text-[13px]">
            {found.places} places, {found.poses} ways to stand there, looked at.
          </p>
          <LayoutTable found={found} chosen={chosen} onChoose={index => change({ chosen: index })} />
          <h3 className="pt-3">Way {letterOf(chosen)}</h3>
          <LayoutCards
            layout={layout}
            onRefuse={position => again({ refused: [...options.refused, around(position)] })}
            onInsist={position => again({ insisted: [...options.insisted, around(position)] })}
          />
          <p className="pt-3">
            <GuardedButton
              className="button button-main"
              why={state.of === bundle ? undefined : 'search again: the plan has changed'}
              onClick={use}
            >
              Use way {letterOf(chosen)}
            </GuardedButton>
          </p>
          <AskPlace asked={asked} />
        </>
      )}
      {found && !layout && (
        <section aria-label="What was found" className="pt-2">
          <p className="text-risk">None of these cameras is put up.</p>
          <LeftOutList left={found.nobody} />
        </section>
      )}
      <DeskPlaces />
    </section>
  );
}

function Found({ progress, failed }: { progress: Progress | undefined; failed: string | undefined }) {
  const reading = useReading();
  const points = (value: number): string => showText(value, '', reading);
  return (
    <p role="status" className="min-h-6">
      {failed && `The search ended badly: ${failed}`}
      {progress?.stage === 'problem' && `Looking at places … ${showText(progress.share * 100, '%', reading)}`}
      {progress?.stage === 'solving' &&
        `${progress.done ? 'Looking for others' : 'Comparing'} … ${points(progress.value ?? 0)} points found, none can be above ${points(progress.bound ?? 0)}`}
    </p>
  );
}
