/** Short lines, one below the other. */
export function Lines({ of }: { of: readonly string[] }) {
  return (
    <ul className="list-disc pl-5">
      {of.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}
