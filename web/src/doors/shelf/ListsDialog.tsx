import {
  counted,
  ITEM_LABEL_SIZES,
  SHEET_ENDINGS,
  SHEET_FILES,
  type ItemLabelSize,
} from '@idle-satchel/core';
import { OF_MONEY } from '@idle-satchel/core/roles';
import { SHELF_SHEET_NAMES, SHELF_SHEET_WORDS } from '@idle-satchel/core/shelf-sheets';
import { useState } from 'react';
import { addressOf } from '../../api/client.js';
import { useMay } from '../../ui/me.js';
import { Dialog } from '../../ui/Dialog.js';

/** More ids make an address that not everything on the way lets through. */
const MOST_IDS = 500;

/** Lists and labels of the shelf, of what is chosen or of all that there is. */
export default function ListsDialog({
  chosen,
  onClose,
}: {
  chosen: readonly { readonly id: string }[];
  onClose: () => void;
}) {
  const [size, setSize] = useState<ItemLabelSize>('tag');
  const money = useMay('read', 'money');
  const few = chosen.length > 0 && chosen.length <= MOST_IDS;
  const ids = few ? chosen.map(({ id }) => id).join(',') : undefined;
  return (
    <Dialog title="Lists and labels" onClose={onClose}>
      <p className="text-faint">
        {few
          ? `Of the ${counted(chosen.length, 'thing', 'things')} that are chosen.`
          : chosen.length > MOST_IDS
            ? `More than ${MOST_IDS} things are chosen: the lists are of all that is on the shelf.`
            : 'Of all that is on the shelf. Choose some things first for lists and labels of those alone.'}
      </p>
      <table aria-label="Lists">
        <tbody>
          {SHELF_SHEET_NAMES.filter(
            name => (name !== 'receipt' || few) && (money || !OF_MONEY.has(name)),
          ).map(name => (
            <tr key={name}>
              <td>{SHELF_SHEET_WORDS[name]}</td>
              {SHEET_ENDINGS.map(ending => (
                <td key={ending}>
                  <a
                    className="link"
                    href={addressOf(`GET /shelf/${name}.${ending}`, { ids })}
                    download=""
                    aria-label={`${SHELF_SHEET_WORDS[name]}, ${SHEET_FILES[ending].short}`}
                  >
                    {SHEET_FILES[ending].short}
                  </a>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="pt-3">
        <a className="button" href={addressOf('GET /shelf/gear', { ids })} download="">
          A file for another house
        </a>{' '}
        <span className="text-faint">
          {few ? 'These things and their kinds' : 'All things and all kinds'}, without names and prices; it is
          brought in there by “Paste a list”.
        </span>
      </p>
      <p className="flex flex-wrap gap-3 items-baseline pt-3">
        <label>
          <span className="text-faint">Labels with a code that opens the thing on a phone: </span>
          <select
            className="field"
            value={size}
            onChange={event => setSize(event.target.value as ItemLabelSize)}
          >
            {Object.entries(ITEM_LABEL_SIZES).map(([each, { words }]) => (
              <option key={each} value={each}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <a className="button" href={addressOf('GET /shelf/labels.pdf', { ids, size })} download="">
          Labels, PDF
        </a>
      </p>
    </Dialog>
  );
}
