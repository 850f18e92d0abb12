import { assess, layOut, marksSvg, schematicGraph, schematicMarks, type Rules } from '@idle-satchel/core';
import { kitBundle, type Kit } from '@idle-satchel/core/kits';
import { useEffect, useState } from 'react';
import { layoutEngine } from '../workers/layout-engine.js';

/** Rules that a kit is drawn by; what the organisation chose is asked for when the event is made. */
const RULES: Rules = {
  version: 1,
  organisation: 'Starter kits',
  units: 'metric',
  format: '1080p25',
  hdmiReach: 'usual',
  mainsLoad: 'eighty',
  uploadHeadroom: 'half',
  aisleWidth: 1.2,
  seatedHead: 1.3,
  standingHead: 1.8,
  slack: 5,
  batteryReserve: 15,
};

async function drawn(kit: Kit): Promise<string> {
  const bundle = kitBundle(kit, RULES);
  const graph = schematicGraph(bundle, assess(bundle));
  const layout = await layOut(graph, await layoutEngine());
  const marks = schematicMarks(graph, layout, bundle.kinds.kinds, id => bundle.plan.devices?.[id]?.kind);
  const svg = marksSvg(marks, kit.label, layout.width, layout.height);
  return `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
}

/** What a starter kit is for, what it takes, and its schematic. */
export function KitPicture({ kit }: { kit: Kit }) {
  const [picture, setPicture] = useState<{ of: Kit; address: string }>();
  useEffect(() => {
    let wanted = true;
    void drawn(kit).then(address => wanted && setPicture({ of: kit, address }));
    return () => {
      wanted = false;
    };
  }, [kit]);
  return (
    <div>
      <p>{kit.about}</p>
      <p className="text-faint text-[13px]">
        {kit.cameras} {kit.cameras === 1 ? 'camera' : 'cameras'}, {kit.pieces} pieces of gear, planned over a
        plain room of 16 × 10 m. Move it to a real venue later, under Ground.
      </p>
      <div className="h-[190px] mt-1 border border-rule flex items-center justify-center">
        {picture?.of === kit ? (
          <img
            className="paper-picture max-h-full max-w-full"
            src={picture.address}
            alt={`Schematic of the kit: ${kit.label}`}
          />
        ) : (
          <span className="text-faint">Drawing …</span>
        )}
      </div>
    </div>
  );
}
