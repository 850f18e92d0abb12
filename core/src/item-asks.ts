/** What an item of the running order asks of people: its fields, and in words. */
import type { ItemAsks } from './documents/index.js';

export interface AskField {
  readonly name: keyof ItemAsks;
  readonly label: string;
  /** Behind the number, of several and of one. */
  readonly words: readonly [several: string, one: string];
  readonly most: number;
  readonly whole: boolean;
}

/** Fields in the order in which they are asked for. */
export const ASK_FIELDS: readonly AskField[] = [
  { name: 'cuts', label: 'Cuts a minute', words: ['cuts a minute', 'cut a minute'], most: 60, whole: false },
  { name: 'captions', label: 'Captions', words: ['captions', 'caption'], most: 500, whole: true },
  { name: 'slides', label: 'Slides', words: ['slides', 'slide'], most: 500, whole: true },
  {
    ...{ name: 'reframes', label: 'Re-frames of each camera', words: ['re-frames', 're-frame'] },
    ...{ most: 500, whole: true },
  },
  { name: 'clips', label: 'Clips', words: ['clips', 'clip'], most: 500, whole: true },
  { name: 'cues', label: 'Sound cues', words: ['sound cues', 'sound cue'], most: 500, whole: true },
  { name: 'chats', label: 'Answers in the chat', words: ['answers', 'answer'], most: 500, whole: true },
];

/** What is counted of an item, most usual first; undefined where nothing is. */
export function asksWords(asks: ItemAsks | undefined): string | undefined {
  if (!asks) return undefined;
  const said = ASK_FIELDS.flatMap(({ name, words: [several, one] }) => {
    const count = asks[name];
    return count ? [`${count} ${count === 1 ? one : several}`] : [];
  });
  return said.length === 0 ? 'nothing to do' : said.join(', ');
}

/** The same work with one count set, or taken out; undefined where nothing is counted any more. */
export function withCount(
  asks: ItemAsks | undefined,
  name: keyof ItemAsks,
  count: number | undefined,
): ItemAsks | undefined {
  const { [name]: _before, ...others } = asks ?? {};
  const next = { ...others, ...(count !== undefined && { [name]: count }) };
  return Object.keys(next).length === 0 ? undefined : next;
}
