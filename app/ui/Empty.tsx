import type { ReactNode } from 'react';

/** An empty state: what to do next, with the button that does it. */
export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="empty">
      <h1>{title}</h1>
      {children}
    </div>
  );
}
