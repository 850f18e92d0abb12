// @vitest-environment happy-dom
/** The ledger: a line for each figure with its flag and its working, sheets as tables, and what is found by name. */
import { SHEETS, type Figure, type Sheet } from '@idle-satchel/core';
import { act, fireEvent, screen, within } from '@testing-library/react';
import { useForm } from 'react-hook-form';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import FindDialog from '../src/app/FindDialog.js';
import { FigureRow, FigureRows, Heading, useWorkingKey } from '../src/ledger/Ledger.js';
import { useFlags } from '../src/ledger/flags.js';
import { asNumber, NumberInput } from '../src/ledger/NumberInput.js';
import { SheetTable } from '../src/ledger/SheetTable.js';
import { store } from './friday-open.js';
import { draw, drawsFriday, gone, ui } from './rendered.js';

drawsFriday();

const figure = (path: string): Figure => {
  let node: unknown = store.get().assessment;
  for (const key of path.split('.')) node = (node as Record<string, unknown>)[key];
  return node as Figure;
};
const VESTRY = 'power.circuits.circvestr.share';
const row = (): HTMLElement => screen.getByRole('button');

describe('a line of the ledger', () => {
  it('has the name, the value and the unit of its figure', () => {
    draw(<FigureRow figure={figure('shots.shots.shotlecter.distance')} />);
    // √(8.2² + 3.1² + 0.1²) m.
    expect(row().textContent).toBe('Distance8.77m');
    expect(row().dataset.figure).toBe('shots.shots.shotlecter.distance');
  });

  it('may be called otherwise, and say more after its unit and below', () => {
    draw(
      <FigureRow figure={figure('shots.shots.shotlecter.distance')} label="To the lectern" unit="away">
        as the crow flies
      </FigureRow>,
    );
    expect(row().textContent).toBe('To the lectern8.77m awayas the crow flies');
  });

  it('says why where there is no value', () => {
    const unknown = { ...figure('shots.shots.shotlecter.distance'), value: null, why: 'it has no place yet' };
    draw(<FigureRow figure={unknown} />);
    expect(row().textContent).toContain('–');
    expect(row().textContent).toContain('it has no place yet');
  });

  it('is flagged where a snag points at it, for the ear as well', () => {
    const { snags } = store.get().assessment;
    const flagged = snags.find(({ severity }) => severity === 'risk')?.because[0] ?? '';
    draw(<FigureRow figure={figure(flagged)} />);
    const { severity } = snags.find(({ because }) => because.includes(flagged)) ?? {};
    expect(row().textContent).toContain(`${severity}: `);
  });

  it('is not flagged by a mere note', () => {
    const { snags } = store.get().assessment;
    const noted = snags
      .filter(({ severity }) => severity === 'note')
      .flatMap(({ because }) => because)
      .find(path => !snags.some(({ severity, because }) => severity !== 'note' && because.includes(path)));
    draw(<FigureRow figure={figure(noted ?? '')} />);
    expect(row().textContent).not.toMatch(/(stop|risk|note): /);
  });

  it('may be flagged by the snags of another figure', () => {
    const because = figure(VESTRY);
    const flags: (string | undefined)[] = [];
    const Flag = () => {
      flags.push(useFlags()(because));
      return null;
    };
    draw(<Flag />);
    const worst = store.get().assessment.snags.find(each => each.because.includes(VESTRY))?.severity;
    expect(flags[0]).toBe(worst === 'note' ? undefined : worst);
  });
});

describe('the working of a figure', () => {
  const open = (path: string): HTMLElement => {
    draw(<FigureRow figure={figure(path)} />);
    fireEvent.click(row());
    return screen.getByRole('note');
  };

  it('opens with a click, and closes with another', () => {
    open(VESTRY);
    expect(ui.get().working).toBe(VESTRY);
    fireEvent.click(screen.getAllByRole('button')[0] as HTMLElement);
    expect(screen.queryByRole('note')).toBeNull();
    expect(ui.get().working).toBeUndefined();
  });

  it('shows formula, terms with their units, and where each comes from', () => {
    const note = open(VESTRY);
    expect(note.textContent).toContain('100 · counted / breaker');
    const terms = within(note)
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent);
    expect(terms[0]).toMatch(/^counted = [\d.]+ A power\.circuits\.circvestr\.counted$/);
    expect(terms[1]).toMatch(/^breaker = 13 A venue \/circuits\/circvestr\/amps$/);
  });

  it('names the rule and the source that it rests on', () => {
    const note = open('power.circuits.circvestr.counted');
    expect(note.textContent).toContain('what lasts three hours unbroken or longer counts 1.25 ×');
    expect(note.textContent).toContain('NEC 210.19/210.20');
  });

  it('leads on to the figure that a term is, where that stands on the page', () => {
    const counted = figure('power.circuits.circvestr.counted');
    draw(
      <>
        <FigureRow figure={counted} />
        <FigureRow figure={figure(VESTRY)} />
      </>,
    );
    act(() => ui.set({ working: VESTRY }));
    fireEvent.click(screen.getByText(counted.path));
    expect(ui.get().working).toBe(counted.path);
  });

  it('opens with w for the line in focus', () => {
    const Page = () => {
      useWorkingKey();
      return <FigureRow figure={figure(VESTRY)} />;
    };
    draw(<Page />);
    fireEvent.keyDown(document.body, { key: 'w' });
    expect(ui.get().working).toBeUndefined();
    const line = row();
    line.focus();
    fireEvent.keyDown(line, { key: 'w' });
    expect(ui.get().working).toBe(VESTRY);
    fireEvent.keyDown(line, { key: 'w' });
    expect(ui.get().working).toBeUndefined();
  });
});

describe('many lines', () => {
  it('are those figures of a result that are its own, in their order', () => {
    const circuit = store.get().assessment.power.circuits.circvestr ?? {};
    draw(<FigureRows of={circuit} />);
    const paths = screen.getAllByRole('button').map(each => each.dataset.figure);
    expect(paths).toContain(VESTRY);
    expect(paths.every(path => path?.startsWith('power.circuits.circvestr.'))).toBe(true);
  });

  it('stand under a heading that says what they are of', () => {
    draw(
      <Heading about="VESTRY" right={<button>Drop</button>}>
        Circuit
      </Heading>,
    );
    expect(screen.getByRole('heading').textContent).toBe('Circuit VESTRYDrop');
  });
});

describe('a sheet on the screen', () => {
  const sheet = (): Sheet => SHEETS['cut-list'](store.get().bundle, store.get().assessment);
  it('has its columns, a heading for each section, and every row', () => {
    const { columns, sections, notes, title } = sheet();
    draw(<SheetTable sheet={sheet()} name="cut-list" />);
    expect(screen.getByRole('region').getAttribute('aria-label')).toBe(title);
    const heads = screen.getAllByRole('columnheader').map(({ textContent }) => textContent);
    expect(heads).toEqual(columns.map(({ label }) => label));
    const groups = screen.getAllByRole('rowheader').map(({ textContent }) => textContent);
    expect(groups).toEqual(sections.map(({ heading }) => heading));
    expect(screen.getAllByRole('cell')).toHaveLength(
      sections.reduce((sum, { rows }) => sum + rows.length, 0) * columns.length,
    );
    for (const note of notes) expect(screen.getByText(note)).toBeTruthy();
  });

  it('leads to its files', () => {
    draw(<SheetTable sheet={sheet()} name="cut-list" />);
    for (const kind of ['PDF', 'CSV']) {
      const { href } = screen.getByText<HTMLAnchorElement>(kind);
      expect(href).toContain(`/events/eventfriday1/cut-list.${kind.toLowerCase()}`);
    }
  });

  it('leaves out a section without rows', () => {
    const empty = { ...sheet(), sections: [{ heading: 'Nothing here', rows: [], numbers: [] }] };
    draw(<SheetTable sheet={empty} name="cut-list" />);
    expect(screen.queryByText('Nothing here')).toBeNull();
  });
});

describe('a form that is sent as a whole', () => {
  const Form = ({ onSend }: { onSend: (sent: unknown) => void }) => {
    const { register, handleSubmit } = useForm<{ up: number; down?: number }>();
    return (
      <form onSubmit={event => void handleSubmit(onSend)(event)} aria-label="a form">
        <NumberInput field={register('up', asNumber)} label="Up" unit="Mb/s" max={100} />
        <NumberInput
          field={register('down', asNumber)}
          label="Down"
          about="Download"
          unit="Mb/s"
          max={100}
          optional
        />
      </form>
    );
  };

  it('has numbers with their units and bounds, and reads them; none where nothing was typed', async () => {
    const sent: unknown[] = [];
    draw(<Form onSend={form => void sent.push(form)} />);
    const [up, down] = screen.getAllByRole<HTMLInputElement>('spinbutton');
    expect([up?.required, down?.required]).toEqual([true, false]);
    expect([up?.min, up?.max]).toEqual(['0', '100']);
    expect(down?.getAttribute('aria-label')).toBe('Download, Mb/s');
    if (up) fireEvent.change(up, { target: { value: '7.5' } });
    await act(() => {
      fireEvent.submit(screen.getByRole('form'));
      return Promise.resolve();
    });
    expect(sent).toEqual([{ up: 7.5, down: undefined }]);
  });

  it('reads a number from its text', () => {
    expect(['', '0', '7.5', undefined, 3].map(asNumber.setValueAs)).toEqual([
      undefined,
      0,
      7.5,
      undefined,
      3,
    ]);
  });
});

describe('finding by name', () => {
  const onClose = vi.fn();
  const find = (text: string): string[] => {
    fireEvent.change(screen.getByRole('textbox'), { target: { value: text } });
    return screen.getAllByRole('listitem').map(({ textContent }) => textContent ?? '');
  };
  beforeEach(() => {
    onClose.mockClear();
    // Headless UI watches the size of the page.
    vi.stubGlobal(
      'ResizeObserver',
      class {
        observe = () => undefined;
        unobserve = () => undefined;
        disconnect = () => undefined;
      },
    );
  });

  it('shows twelve at most, things before figures', () => {
    draw(<FindDialog onClose={onClose} />);
    expect(find('c2')).toHaveLength(12);
    expect(find('c2 north')[0]).toMatch(/^C2 NORTH/);
    expect(find('nobody is called so')).toEqual(['Nothing here is called that.']);
  });

  it('goes to the first of them with Enter, and closes', () => {
    draw(<FindDialog onClose={onClose} />);
    find('c2 north');
    fireEvent.submit(screen.getByRole('textbox').closest('form') as HTMLFormElement);
    expect(gone.mock.calls).toEqual([['shots']]);
    expect(ui.get().selected).toBe('camnorth1');
    expect(ui.get().working).toBeUndefined();
    expect(onClose).toHaveBeenCalledTimes(1);
  });

  it('opens the working of a figure that is found', () => {
    draw(<FindDialog onClose={onClose} />);
    find('of the breaker vestry');
    fireEvent.click(within(screen.getAllByRole('listitem')[0] as HTMLElement).getByRole('button'));
    expect(gone.mock.calls).toEqual([['power']]);
    expect(ui.get()).toMatchObject({ working: VESTRY, selected: 'circvestr' });
  });
});
