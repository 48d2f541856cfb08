/** A field in which something is looked for as the words are typed. */
export function Find({ label, value, onChange }: { label: string; value: string; onChange: (words: string) => void }) {
  return (
    <label className="text-xs">
      {label}
      <input type="search" className="input ml-2 h-9 w-56" value={value} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}
