/** What the lines of a drawing are, or its areas, below it: for screens too narrow for names beside them. */
export function ChartLegend({ items, areas = false }: { items: { label: string; className: string }[]; areas?: boolean }) {
  return (
    <ul className="chart-legend" aria-label="What is drawn">
      {items.map((item) => (
        <li key={item.label}>
          <svg width={26} height={10} aria-hidden="true">
            {areas ? (
              <rect className={item.className} width={26} height={10} />
            ) : (
              <line className={item.className} x1={0} x2={26} y1={5} y2={5} />
            )}
          </svg>
          {item.label}
        </li>
      ))}
    </ul>
  );
}
