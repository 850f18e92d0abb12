/** Hatches of areas where nobody may stand or film: told by pattern and word, never by colour alone. */
export const Hatches = () => (
  <defs>
    <pattern
      id="hatch-clear"
      width="7"
      height="7"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <line y2="7" stroke="var(--moss)" strokeOpacity=".4" strokeWidth="1.4" />
    </pattern>
    <pattern
      id="hatch-nofilm"
      width="6"
      height="6"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(-45)"
    >
      <line y2="6" stroke="var(--madder)" strokeOpacity=".45" strokeWidth="1.4" />
    </pattern>
  </defs>
);
