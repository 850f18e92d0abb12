import { distance, newId, parseLength, tracingScale, type Point } from '@idle-satchel/core';
import { useEffect, useMemo, useState, type MouseEvent } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { sendFile, messageOf } from '../../api/client.js';
import { Dialog } from '../../ui/Dialog.js';
import { useReading, useStore } from '../../store/hooks.js';
import { pictureFrom, type Picture } from '../../exchange/picture.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

/** How much of its ink a traced picture starts with. */
const INK = 0.45;

/** A picture of a plan under the drawing: chosen, scaled by one known length, and put down. */
export default function TraceDialog({ onClose }: { onClose: () => void }) {
  const store = useStore();
  const reading = useReading();
  const [file, setFile] = useState<File>();
  const [page, setPage] = useState(1);
  const [picture, setPicture] = useState<Picture>();
  const [ends, setEnds] = useState<readonly Point[]>([]);
  const { register, handleSubmit, control } = useForm({ defaultValues: { length: '' } });
  const { length = '' } = useWatch({ control });
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const attempt = async (act: () => Promise<void>): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      await act();
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  const draw = (from: File, number: number): void => {
    setEnds([]);
    setPage(number);
    void attempt(async () => setPicture(await pictureFrom(from, number)));
  };
  const metres = parseLength(length, reading.system);
  const [from, to] = ends;
  const scale = from && to && metres !== undefined ? tracingScale(from, to, metres) : undefined;
  const keep = async (): Promise<void> => {
    if (!picture || scale === undefined) return;
    const id = newId();
    await sendFile('PUT /pictures/:id', { id }, picture.bytes);
    const value = { picture: id, at: [0, 0], scale, ink: INK };
    store.editVenue('Put a picture under the plan', [{ op: 'add', path: '/tracing', value }]);
    onClose();
  };
  return (
    <Dialog title="Trace a picture" onClose={onClose}>
      <label className="block mb-2">
        Picture of the plan, PNG, JPEG, SVG or PDF
        <input
          className="field w-full"
          type="file"
          accept=".png,.jpg,.jpeg,.svg,.pdf"
          onChange={event => {
            const [chosen] = event.target.files ?? [];
            if (!chosen) return;
            setFile(chosen);
            draw(chosen, 1);
          }}
        />
      </label>
      {file && picture && picture.pages > 1 && (
        <PageChoice page={page} pages={picture.pages} disabled={busy} onPage={each => draw(file, each)} />
      )}
      {busy && <p role="status">Reading it …</p>}
      {problem && (
        <p role="alert" className="text-stop">
          {problem}
        </p>
      )}
      {picture && (
        <form onSubmit={event => void handleSubmit(() => attempt(keep))(event)}>
          <p className="text-faint py-1">Click both ends of one length you know, then type it.</p>
          <Ends picture={picture} ends={ends} onEnds={setEnds} />
          <p className="flex gap-3 items-baseline pt-2">
            <label>
              It is{' '}
              <input
                className="field w-24 text-right"
                aria-label="The known length"
                aria-invalid={length !== '' && metres === undefined}
                {...register('length')}
              />
            </label>
            <span className="text-faint grow">
              {from && to ? `${Math.round(distance(from, to))} px` : ''}
            </span>
            <GuardedButton
              className="button button-main"
              why={
                busy
                  ? 'it is being read …'
                  : ends.length < 2
                    ? 'both ends are to be clicked'
                    : scale === undefined
                      ? 'how long is it?'
                      : undefined
              }
            >
              Put it under the plan
            </GuardedButton>
          </p>
        </form>
      )}
    </Dialog>
  );
}

function PageChoice({
  page,
  pages,
  disabled,
  onPage,
}: {
  page: number;
  pages: number;
  disabled: boolean;
  onPage: (page: number) => void;
}) {
  return (
    <label className="block mb-2">
      Page{' '}
      <select
        className="field"
        value={page}
        disabled={disabled}
        onChange={event => onPage(Number(event.target.value))}
      >
        {Array.from({ length: pages }, (_, i) => (
          <option key={i} value={i + 1}>
            {i + 1}
          </option>
        ))}
      </select>{' '}
      of {pages}
    </label>
  );
}

/** The picture with the two ends of the known length; a third click begins anew. */
function Ends({
  picture: { bytes, width, height },
  ends,
  onEnds,
}: {
  picture: Picture;
  ends: readonly Point[];
  onEnds: (ends: readonly Point[]) => void;
}) {
  const [address, setAddress] = useState('');
  useEffect(() => {
    const reader = new FileReader();
    reader.onload = () => setAddress(typeof reader.result === 'string' ? reader.result : '');
    reader.readAsDataURL(bytes);
  }, [bytes]);
  const sign = useMemo(() => Math.max(width, height) / 90, [width, height]);
  const onClick = (event: MouseEvent<SVGSVGElement>): void => {
    const matrix = event.currentTarget.getScreenCTM()?.inverse();
    if (!matrix) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    onEnds(ends.length === 2 ? [[x, y]] : [...ends, [x, y]]);
  };
  const [a, b] = ends;
  return (
    <svg
      className="w-full max-h-[46vh] border border-rule cursor-crosshair"
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label="The picture to trace"
      onClick={onClick}
    >
      {address && <image href={address} width={width} height={height} />}
      {a && b && (
        <line x1={a[0]} y1={a[1]} x2={b[0]} y2={b[1]} stroke="var(--brass)" strokeWidth={sign / 4} />
      )}
      {ends.map(([x, y], i) => (
        <circle key={i} cx={x} cy={y} r={sign} fill="none" stroke="var(--brass)" strokeWidth={sign / 3} />
      ))}
    </svg>
  );
}
