// @vitest-environment happy-dom
/** Fields of the ledger: what they show, what they take over, and what they say of what they do not. */
import { fireEvent, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { ChoiceField, FlagField } from '../src/ledger/ChoiceField.js';
import { LengthField } from '../src/ledger/LengthField.js';
import { NumberField } from '../src/ledger/NumberField.js';
import { TextField } from '../src/ledger/TextField.js';
import { TypedField } from '../src/ledger/TypedField.js';
import { store } from './friday-open.js';
import { draw, drawsFriday } from './rendered.js';

drawsFriday();

const field = (): HTMLInputElement => screen.getByRole('textbox');
const type = (text: string): void => void fireEvent.change(field(), { target: { value: text } });
const press = (key: string): void => void fireEvent.keyDown(field(), { key });
const leave = (): void => void fireEvent.blur(field());
const fault = (): string | undefined => screen.queryByRole('alert')?.textContent ?? undefined;

/** Types into a field and presses Enter: what it took over, if anything, and what it says. */
function entered(what: (commit: (value: unknown) => void) => ReactNode, text: string) {
  const commit = vi.fn();
  const { unmount } = draw(what(commit));
  type(text);
  press('Enter');
  const answer = { took: commit.mock.calls.map(([value]) => value as unknown), fault: fault() };
  unmount();
  return answer;
}

describe('a value that is typed', () => {
  const read = (text: string) => (text === 'bad' ? { fault: 'not that' } : { value: text.toUpperCase() });
  const typed = (commit: (value: string | undefined) => void, optional = false) => (
    <TypedField label="Name" shown="old" read={read} optional={optional} onCommit={commit} />
  );

  it('is shown under its label', () => {
    draw(typed(vi.fn()));
    expect(screen.getByLabelText('Name')).toBe(field());
    expect(field().value).toBe('old');
    expect(field().getAttribute('aria-invalid')).toBe('false');
  });

  it('is taken over with Enter, and when the field is left, once', () => {
    const commit = vi.fn();
    draw(typed(commit));
    type('new');
    press('Enter');
    leave();
    expect(commit.mock.calls).toEqual([['NEW']]);
    type('next');
    leave();
    expect(commit.mock.calls).toEqual([['NEW'], ['NEXT']]);
  });

  it('is left as it was with Escape, and where it was typed as it stands', () => {
    const commit = vi.fn();
    draw(typed(commit));
    type('new');
    press('Escape');
    expect(field().value).toBe('old');
    leave();
    type(' old ');
    press('Enter');
    leave();
    expect(commit).not.toHaveBeenCalled();
  });

  it('stays in the field with the reason where it is wrong, until it is right', () => {
    const commit = vi.fn();
    draw(typed(commit));
    type('bad');
    press('Enter');
    expect(fault()).toBe('not that');
    expect(field().value).toBe('bad');
    expect(field().getAttribute('aria-invalid')).toBe('true');
    type('good');
    press('Enter');
    expect(fault()).toBeUndefined();
    expect(commit.mock.calls).toEqual([['GOOD']]);
  });

  it('may be taken away only where it may be absent', () => {
    const [kept, gone] = [vi.fn(), vi.fn()];
    const { unmount } = draw(typed(gone, true));
    expect(field().placeholder).toBe('–');
    type('  ');
    press('Enter');
    expect(gone.mock.calls).toEqual([[undefined]]);
    unmount();
    draw(typed(kept));
    expect(field().placeholder).toBe('');
    type('');
    press('Enter');
    expect(kept.mock.calls).toEqual([['']]);
  });
});

describe('a number', () => {
  const number = (text: string, of: Partial<Parameters<typeof NumberField>[0]> = {}) =>
    entered(
      commit => <NumberField label="N" unit="W" value={5} min={1} max={10} onCommit={commit} {...of} />,
      text,
    );

  it('has its unit, and is read with or without it', () => {
    const { unmount } = draw(
      <NumberField label="N" unit="W" value={5} min={1} max={10} onCommit={vi.fn()} />,
    );
    expect(field().value).toBe('5 W');
    unmount();
    expect(number('7').took).toEqual([7]);
    expect(number('7 W').took).toEqual([7]);
    expect(number('7,5').took).toEqual([7.5]);
  });

  it('is taken from the least to the most', () => {
    expect(number('1').took).toEqual([1]);
    expect(number('10').took).toEqual([10]);
    expect(number('0.99')).toEqual({ took: [], fault: 'from 1 W to 10 W' });
    expect(number('10.01').fault).toBe('from 1 W to 10 W');
  });

  it('is whole where it counts', () => {
    expect(number('7', { whole: true }).took).toEqual([7]);
    expect(number('7.5', { whole: true }).fault).toBe('a whole number');
    expect(number('seven').fault).toBe('a number');
  });

  it('may be absent where it may', () => {
    expect(number('', { optional: true }).took).toEqual([undefined]);
    expect(number('', { optional: true, value: undefined }).took).toEqual([]);
    expect(number('').fault).toBe('a number');
  });

  it('shows large digits on a phone unless it may be negative', () => {
    const { unmount } = draw(
      <NumberField label="N" unit="W" value={5} min={0} max={10} onCommit={vi.fn()} />,
    );
    expect(field().inputMode).toBe('decimal');
    unmount();
    draw(<NumberField label="N" unit="W" value={5} min={-1} max={10} onCommit={vi.fn()} />);
    expect(field().inputMode).not.toBe('decimal');
  });
});

describe('a length', () => {
  const length = (text: string, of: { min?: number; max?: number } = {}) =>
    entered(commit => <LengthField label="L" value={2} onCommit={commit} {...of} />, text);

  it('is read in metres, centimetres, feet and inches', () => {
    expect(length('3.8 m').took).toEqual([3.8]);
    expect(length('380 cm').took).toEqual([3.8]);
    // 12 ft 6 in = 150 · 0.0254 m.
    expect(length('12′ 6″').took).toEqual([3.81]);
    expect(length('3.8').took).toEqual([3.8]);
  });

  it('is kept to a millimetre, and not at all where it is the same', () => {
    expect(length('3.81249').took).toEqual([3.812]);
    expect(length('2.0001').took).toEqual([]);
    expect(length('2.001').took).toEqual([2.001]);
  });

  it('lies within its bounds', () => {
    expect(length('0.3', { min: 0.3, max: 5 }).took).toEqual([0.3]);
    expect(length('0.299', { min: 0.3, max: 5 }).fault).toBe('from 0.30 m to 5.00 m');
    expect(length('5.001', { min: 0.3, max: 5 }).fault).toBe('from 0.30 m to 5.00 m');
    expect(length('far').fault).toBe('a length such as 3.8 m or 12′ 6″');
  });

  it('may be taken away where it may be absent', () => {
    const gone = entered(commit => <LengthField label="L" optional value={2} onCommit={commit} />, '');
    expect(gone.took).toEqual([undefined]);
    expect(length('').fault).toBe('a length such as 3.8 m or 12′ 6″');
  });

  it('is shown and read in feet where the event has feet', () => {
    store.commit('Feet', [
      { document: 'rules', patch: [{ op: 'replace', path: '/units', value: 'imperial' }] },
    ]);
    draw(<LengthField label="L" value={3.81} onCommit={vi.fn()} />);
    expect(field().value).toBe('12′ 6″');
  });
});

describe('a choice', () => {
  const OPTIONS = [
    ['one', 'the first'],
    ['two', 'the second'],
  ] as const;
  const choose = (value: string): void =>
    void fireEvent.change(screen.getByRole('combobox'), { target: { value } });

  it('is one of a few, by their words', () => {
    const commit = vi.fn();
    draw(<ChoiceField label="Which" value="one" options={OPTIONS} onCommit={commit} />);
    expect(screen.getAllByRole('option').map(({ textContent }) => textContent)).toEqual([
      'the first',
      'the second',
    ]);
    choose('two');
    expect(commit.mock.calls).toEqual([['two']]);
  });

  it('may be none where that has a name', () => {
    const commit = vi.fn();
    draw(<ChoiceField label="Which" value={undefined} options={OPTIONS} none="neither" onCommit={commit} />);
    expect(screen.getByRole<HTMLSelectElement>('combobox').value).toBe('');
    expect(screen.getAllByRole('option')[0]?.textContent).toBe('neither');
    choose('one');
    choose('');
    expect(commit.mock.calls).toEqual([['one'], [undefined]]);
  });
});

describe('a yes or no', () => {
  it('is ticked', () => {
    const commit = vi.fn();
    draw(<FlagField label="Locked" value={false} onCommit={commit} />);
    fireEvent.click(screen.getByLabelText('Locked'));
    expect(commit.mock.calls).toEqual([[true]]);
  });
});

describe('a name', () => {
  const name = (text: string) => {
    const commit = vi.fn();
    const { unmount } = draw(<TextField label="Name" value="C1" max={40} onCommit={commit} />);
    fireEvent.change(field(), { target: { value: text } });
    leave();
    const answer = { took: commit.mock.calls.map(([value]) => value as unknown), shown: field().value };
    unmount();
    return answer;
  };

  it('is kept when the field is left, without the blanks about it', () => {
    expect(name('  C1 WIDE ').took).toEqual(['C1 WIDE']);
  });

  it('stays what it was where it is empty or the same', () => {
    expect(name('  ')).toEqual({ took: [], shown: 'C1' });
    expect(name('C1 ').took).toEqual([]);
  });

  it('is as long as it may be', () => {
    draw(<TextField label="Name" value="C1" max={40} onCommit={vi.fn()} />);
    expect(field().maxLength).toBe(40);
  });
});
