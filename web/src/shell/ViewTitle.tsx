import { useEffect, useRef } from 'react';

let begun = false;

/** Names the view: in the window, and by a heading that takes the focus when another view has come, so that it is read out and tabbing begins there. */
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
  return (
    <h2 className="unseen" tabIndex={-1} ref={heading}>
      {title}
    </h2>
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
