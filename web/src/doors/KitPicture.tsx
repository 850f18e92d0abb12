import { assess, layOut, schematicGraph, schematicMarks, type PaperMark } from '@idle-satchel/core';
import { kitBundle, plainRoomSize, usualRules, type Kit } from '@idle-satchel/core/kits';
import { useEffect, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { organisationQuery } from '../api/queries.js';
import { InkMarks } from '../ui/InkMarks.js';
import { layoutEngine } from '../workers/layout-engine.js';

/** Rules that a kit is drawn by; what the organisation chose is asked for when the event is made. */
const RULES = usualRules('Starter kits');

interface Drawn {
  readonly of: Kit;
  readonly marks: readonly PaperMark[];
  readonly width: number;
  readonly height: number;
}

async function drawn(kit: Kit): Promise<Drawn> {
  const bundle = kitBundle(kit, RULES);
  const graph = schematicGraph(bundle, assess(bundle));
  const layout = await layOut(graph, await layoutEngine());
  const kindOf = (id: string): string | undefined => bundle.plan.devices?.[id]?.kind;
  const marks = schematicMarks(graph, layout, bundle.kinds.kinds, kindOf);
  return { of: kit, marks, width: layout.width, height: layout.height };
}

/** What a starter kit is for, what it takes, and its schematic. */
export function KitPicture({ kit }: { kit: Kit }) {
  const info = useQuery(organisationQuery);
  const [picture, setPicture] = useState<Drawn>();
  useEffect(() => {
    let wanted = true;
    void drawn(kit).then(made => wanted && setPicture(made));
    return () => {
      wanted = false;
    };
  }, [kit]);
  return (
    <div>
      <p>{kit.about}</p>
      <p className="text-faint text-[13px]">
        {kit.cameras} {kit.cameras === 1 ? 'camera' : 'cameras'}, {kit.pieces} pieces of gear, planned over a
        plain room of {plainRoomSize(info.data?.units ?? 'metric')}. Move it to a real venue later, under
        Ground.
      </p>
      <div className="h-[190px] mt-1 border border-rule flex items-center justify-center">
        {picture?.of === kit ? (
          <InkMarks
            {...picture}
            title={`Schematic of the kit: ${kit.label}`}
            className="max-h-full max-w-full"
          />
        ) : (
          <span className="text-faint">Drawing …</span>
        )}
      </div>
    </div>
  );
}
