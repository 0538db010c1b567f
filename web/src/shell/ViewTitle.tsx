import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

let begun = false;

/**
 * Names the view: in the window, and by a heading that takes the focus when another view has come, so that it is read out and tabbing begins there. Says why one has
 * landed here where what was pressed led elsewhere.
 */
export function ViewTitle(props: {
  /** what the view shows */
  title: string;
  /** changes when another view has come */
  view: string;
}) {
  const { title, view } = props;
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    document.title = `${title} – Etui`;
  }, [title]);
  useEffect(() => {
    if (begun) heading.current?.focus({ preventScroll: true });
    begun = true;
  }, [view]);
  const state: unknown = useLocation().state;
  const says = state && typeof state === 'object' && 'says' in state ? String(state.says) : '';
  return (
    <>
      <h2 className="unseen" tabIndex={-1} ref={heading}>
        {title}
      </h2>
      {says && (
        <p className="landed" role="status">
          {says}
        </p>
      )}
    </>
  );
}

/** Leads past the header, for those who walk with the tab key. */
export function Skip() {
  return (
    <a className="skip" href="#view">
      to the view
    </a>
  );
}
