/** Photos taken without a network: kept on this device, shown from it, sent before what refers to them. */
import { useEffect, useState } from 'react';
import { ApiProblem, addressOf, sendFile } from '../api/client.js';
import { newId } from '@idle-satchel/core';
import { database } from './database.js';

/** Keeps a picture on this device until it is sent; gives the id it will have on the server. */
export async function keepPicture(picture: Blob): Promise<string> {
  const id = newId();
  const kept = { id, type: picture.type, bytes: await picture.arrayBuffer() };
  await (await database()).put('pictures', kept);
  return id;
}

/** Whether this device has pictures that are still to be sent. */
export async function picturesWait(): Promise<boolean> {
  try {
    return (await (await database()).getAll('pictures')).some(({ refused }) => refused === undefined);
  } catch {
    return false;
  }
}

/**
 * Sends every picture that waits. One that the server will not have stays on this device with the reason; when the
 * server cannot be reached, an `ApiProblem` says so and the rest waits.
 */
export async function sendKeptPictures(): Promise<void> {
  const shelves = await database().catch(() => undefined);
  if (!shelves) return;
  for (const picture of await shelves.getAll('pictures')) {
    if (picture.refused !== undefined) continue;
    try {
      const file = new Blob([picture.bytes], { type: picture.type });
      await sendFile('PUT /pictures/:id', { id: picture.id }, file);
      await shelves.delete('pictures', picture.id);
    } catch (error) {
      const final =
        error instanceof ApiProblem && error.status >= 400 && error.status < 500 && error.status !== 429;
      if (!final) throw error;
      await shelves.put('pictures', { ...picture, refused: error.message });
    }
  }
}

export interface ShownPicture {
  readonly address: string;
  /** Why only this device has it. */
  readonly refused?: string;
}

/** Where a picture can be seen: on this device while it waits here, else on the server. */
export function usePicture(id: string): ShownPicture {
  const [shown, setShown] = useState<ShownPicture>({ address: '' });
  useEffect(() => {
    let wanted = true;
    let address = '';
    const look = async (): Promise<void> => {
      const picture = await database()
        .then(shelves => shelves.get('pictures', id))
        .catch(() => undefined);
      if (!wanted) return;
      if (!picture) return setShown({ address: addressOf('GET /pictures/:id', { id }) });
      address = URL.createObjectURL(new Blob([picture.bytes], { type: picture.type }));
      setShown({ address, ...(picture.refused === undefined ? {} : { refused: picture.refused }) });
    };
    void look();
    return () => {
      wanted = false;
      URL.revokeObjectURL(address);
    };
  }, [id]);
  return shown;
}
