import type { Resource } from './resources.js';

/** One thing and several, as they are spoken of. */
export const RESOURCE_WORDS: Readonly<Record<Resource, readonly [string, string]>> = {
  inputs: ['video input', 'video inputs'],
  outputs: ['video output', 'video outputs'],
  mixes: ['programme', 'programmes'],
  aux: ['auxiliary output', 'auxiliary outputs'],
  keyers: ['keyer', 'keyers'],
  boxes: ['picture box', 'picture boxes'],
  stills: ['still', 'stills'],
  clips: ['clip', 'clips'],
  tiles: ['picture on the multiview', 'pictures on the multiview'],
  tracks: ['recording track', 'recording tracks'],
  channels: ['sound channel', 'sound channels'],
  network: ['network port', 'network ports'],
  lines: ['line', 'lines'],
};
