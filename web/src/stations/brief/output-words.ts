import type { Output } from '@idle-satchel/core';

export const OUTPUT_WORDS: Readonly<Record<Output['kind'], string>> = {
  stream: 'Stream',
  recording: 'Recording',
  screen: 'Screen in the room',
  call: 'Call',
};
