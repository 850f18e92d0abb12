/** Does something at the server, says what went wrong, and fetches anew what it changed. */
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { wordsOf } from '../../api/client.js';

export function useDoing(...keys: readonly (readonly unknown[])[]) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState('');
  const doing = async (work: () => Promise<unknown>): Promise<boolean> => {
    setProblem('');
    try {
      await work();
      return true;
    } catch (error) {
      setProblem(wordsOf(error));
      return false;
    } finally {
      await Promise.all(keys.map(queryKey => queries.invalidateQueries({ queryKey: [...queryKey] })));
    }
  };
  return { problem, doing };
}
