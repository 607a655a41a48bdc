import type { ReactNode } from 'react';

interface Props {
  className?: string;
  caption?: ReactNode;
  /** Names of the columns, the first that of the rows; null for a column without one. */
  columns: (string | null)[];
  rows: { key: string | number; head: ReactNode; cells: ReactNode[] }[];
  /** Columns whose figure is out of what it should be, by row and place; they are marked. */
  isBad?: (row: number, cell: number) => boolean;
  /** A column that is not for paper: its place among the cells. */
  screenOnly?: number;
}

/** Rows and columns; on a narrow screen each row stands by itself, every figure under the name of its column. */
export function DataTable({ className = '', caption, columns, rows, isBad, screenOnly }: Props) {
  return (
    <table className={`facts stacks ${className}`}>
      {caption && <caption>{caption}</caption>}
      <thead>
        <tr>
          {columns.map((name, i) => (
            <th key={name ?? i} scope="col" className={i - 1 === screenOnly ? 'no-print' : undefined}>
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, r) => (
          <tr key={row.key}>
            <th scope="row">{row.head}</th>
            {row.cells.map((cell, c) => (
              <td key={c} data-label={columns[c + 1] ?? ''} className={c === screenOnly ? 'no-print' : isBad?.(r, c) ? 'bad' : undefined}>
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
