/** Tabs at the foot of a page in the hand, where a thumb reaches them; a count stands beside the words of some. */
export function FootTabs<Tab extends string>({
  label,
  tabs,
  tab,
  counts,
  onTab,
}: {
  label: string;
  tabs: Readonly<Record<Tab, string>>;
  tab: Tab;
  counts?: Readonly<Partial<Record<Tab, number>>>;
  onTab: (tab: Tab) => void;
}) {
  return (
    <nav aria-label={label} className="grid grid-flow-col auto-cols-fr border-t border-ink">
      {(Object.entries(tabs) as [Tab, string][]).map(([name, words]) => (
        <button
          key={name}
          className={`py-3 text-[16px] border-t-2 ${name === tab ? 'border-brass text-ink' : 'border-transparent text-faint'}`}
          aria-current={name === tab ? 'page' : undefined}
          onClick={() => onTab(name)}
        >
          {words}
          {(counts?.[name] ?? 0) > 0 ? ` ${counts?.[name] ?? 0}` : ''}
        </button>
      ))}
    </nav>
  );
}
