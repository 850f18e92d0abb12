import type { Sequelize } from 'sequelize';
import type { OwnRows } from './own-rows.js';

/** A memory for each database: what is known of one says nothing of another. */
export function memoryOf<Memory>(make: () => Memory): (scope: OwnRows) => Memory {
  const memories = new WeakMap<Sequelize, Memory>();
  return ({ sequelize }) => {
    const memory = memories.get(sequelize) ?? make();
    memories.set(sequelize, memory);
    return memory;
  };
}

/** Puts something last into a map that holds so many; the one that was put in longest ago is forgotten. */
export function putLast<Value>(map: Map<string, Value>, key: string, value: Value, most: number): void {
  map.delete(key);
  map.set(key, value);
  const oldest = map.keys().next().value;
  if (map.size > most && oldest !== undefined) map.delete(oldest);
}
