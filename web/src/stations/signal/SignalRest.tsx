import { Formats } from './Formats.js';
import { Links } from './Links.js';
import { LipSync } from './LipSync.js';
import { Resources } from './Resources.js';
import { Views } from './Views.js';

/** What stands below sources and outputs: resources, views, formats, lip sync and links. */
export default function SignalRest() {
  return (
    <>
      <Resources />
      <Views />
      <Formats />
      <LipSync />
      <Links />
    </>
  );
}
