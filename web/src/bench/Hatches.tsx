/** Hatches of areas where nobody may stand or film: told by pattern and word, never by colour alone. */
export const Hatches = () => (
  <defs>
    <Hatch id="hatch-clear" spacing={7} degrees={45} stroke="var(--moss)" opacity={0.4} />
    <Hatch id="hatch-nofilm" spacing={6} degrees={-45} stroke="var(--madder)" opacity={0.45} />
    <Hatch id="hatch-cameras" spacing={9} degrees={0} stroke="var(--slate)" opacity={0.28} />
  </defs>
);

function Hatch({
  id,
  spacing,
  degrees,
  stroke,
  opacity,
}: {
  id: string;
  spacing: number;
  degrees: number;
  stroke: string;
  opacity: number;
}) {
  return (
    <pattern
      id={id}
      width={spacing}
      height={spacing}
      patternUnits="userSpaceOnUse"
      patternTransform={`rotate(${degrees})`}
    >
      <line y2={spacing} stroke={stroke} strokeOpacity={opacity} strokeWidth="1.4" />
    </pattern>
  );
}
