import type { Viewfinder } from '@idle-satchel/core';
import { useLayoutEffect, useRef } from 'react';
import { paint } from './paint.js';

/** One viewfinder picture, drawn as large as its place. */
export function Picture({
  viewfinder,
  width,
  guides = false,
  words,
}: {
  viewfinder: Viewfinder;
  /** Of the picture on the page, px. */
  width: number;
  guides?: boolean;
  /** What it shows; absent where the words stand beside it. */
  words?: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const height = Math.round((width * 9) / 16);
  const dense = Math.min(2, window.devicePixelRatio || 1);
  useLayoutEffect(() => {
    const draw = (): void => void (canvas.current && paint(canvas.current, viewfinder.inked, guides));
    draw();
    // Blackout changes every colour of the page.
    const watch = new MutationObserver(draw);
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ['class'] });
    return () => watch.disconnect();
  }, [viewfinder, guides, width, dense]);
  return (
    <canvas
      ref={canvas}
      className="block border border-faint bg-paper max-w-full"
      width={Math.round(width * dense)}
      height={Math.round(height * dense)}
      style={{ width, aspectRatio: '16 / 9' }}
      {...(words ? { role: 'img', 'aria-label': words } : { 'aria-hidden': true })}
    />
  );
}
