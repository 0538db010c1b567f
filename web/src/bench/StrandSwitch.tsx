import ToggleButton from '@mui/material/ToggleButton';
import { memo, type ReactNode } from 'react';
import { useBench } from './bench';

/** Which strand of the piece is in hand; nothing where there is only one. */
export const StrandSwitch = memo(function StrandSwitch(props: {
  /** how the one in hand is seen */
  children?: ReactNode;
}) {
  const { plan, at, take } = useBench();
  if (plan.strands.length < 2) return null;
  return (
    <div className="tools-row">
      <div className="tools-row strands" role="group" aria-label="strand in hand">
        {plan.strands.map((s, i) => (
          <ToggleButton key={s.id} value="on" selected={i === at} onClick={() => take(i)}>
            {s.title}
            {s.count > 1 && <small> × {s.count}</small>}
          </ToggleButton>
        ))}
      </div>
      {props.children && <span className="apart">{props.children}</span>}
    </div>
  );
});
