import type { ReactNode, RefObject, SVGProps } from 'react';

/** One picture of the plan on a sheet of its own: the viewport moves it whole, and what changes on it is painted alone. */
export function Sheet({
  world,
  svg,
  children,
  defs,
  through = false,
  ...rest
}: {
  /** The group that holds what is in metres of the venue. */
  world: RefObject<SVGGElement | null>;
  svg?: RefObject<SVGSVGElement | null>;
  /** What lies outside of the venue's measure, such as hatches. */
  defs?: ReactNode;
  /** Whether the hand reaches through all of it to what lies beneath. */
  through?: boolean;
  children: ReactNode;
} & Omit<SVGProps<SVGSVGElement>, 'ref' | 'className'>) {
  return (
    <div className="absolute inset-0 origin-top-left will-change-transform pointer-events-none">
      <svg
        ref={svg}
        className={`plan absolute top-0 left-0 ${through ? '' : 'pointer-events-auto'}`}
        {...rest}
      >
        {defs}
        <g ref={world}>{children}</g>
      </svg>
    </div>
  );
}
