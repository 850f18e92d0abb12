import { PLAN_SCALE, px } from '@idle-satchel/core';
import type { Tracing } from '@idle-satchel/core';
import { memo } from 'react';
import { addressOf } from '../api/client.js';

/** The picture under the plan, to scale, turned and faded as it was put. */
export const TracingLayer = memo(function TracingLayer({ tracing }: { tracing: Tracing }) {
  const { picture, at, scale, turn = 0, ink = 1 } = tracing;
  return (
    <image
      href={addressOf('GET /pictures/:id', { id: picture })}
      opacity={ink}
      transform={`translate(${px(at[0])} ${px(at[1])}) rotate(${turn}) scale(${scale * PLAN_SCALE})`}
    />
  );
});
