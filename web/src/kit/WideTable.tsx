import type { ReactNode } from 'react';

/** Room for a table that may be wider than the window: it scrolls by itself, by keys too. */
export function WideTable(props: {
  /** what the table is, for those who do not see it */
  label: string;
  /** the table */
  children: ReactNode;
}) {
  return (
    <div className="wide-table" role="region" aria-label={props.label} tabIndex={0}>
      {props.children}
    </div>
  );
}
