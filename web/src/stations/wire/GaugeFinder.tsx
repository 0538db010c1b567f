import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused } from '../../api/client';
import { InstrumentButton } from '../../kit/InstrumentButton';
import { LengthField } from '../../kit/LengthField';
import { Row } from '../../kit/Row';
import { useSettings } from '../../kit/settings';
import { thickness } from '../../kit/units';

/** A measured thickness in three systems, with how far each is off. */
export function GaugeFinder() {
  const { units } = useSettings();
  const [mm, setMm] = useState(0.6);
  const [wrong, setWrong] = useState<string>();
  const near = useQuery({ queryKey: ['nearest', mm], queryFn: () => api.nearest(mm), staleTime: Infinity });
  const find = async (asked: number) => {
    try {
      await api.nearest(asked);
      setWrong(undefined);
      setMm(asked);
      return true;
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      setWrong(thrown.problem.violations[0]?.limit);
      return false;
    }
  };
  const numbers = near.data?.nearest.filter((g) => g.system !== 'metric').map((g) => g.number) ?? [];
  return (
    <>
      <h2 className="part-title">
        find a gauge
        <InstrumentButton from="calliper" what="the wire" about={mm} onRead={(read) => void find(read)} />
      </h2>
      <dl className="rows">
        <LengthField label="measured thickness" fine mm={mm} wrong={wrong} onChange={find} />
        {near.data?.nearest.map((g) => (
          <Row
            key={g.system}
            label={g.system === 'metric' ? `metric ${g.number}` : `${g.system} ${g.number}`}
            value={`${thickness(g.diameterMm, units)}, ${deviation(g.deviationMm)}`}
          />
        ))}
      </dl>
      {new Set(numbers).size > 1 && (
        <p className="why">
          The systems disagree here: {numbers.join(' or ')}. Buy by the thickness, or by number and system.
        </p>
      )}
    </>
  );
}

function deviation(mm: number): string {
  if (Math.abs(mm) < 0.0005) return 'exact';
  return `${Math.abs(mm).toFixed(3)} ${mm > 0 ? 'over' : 'under'}`;
}
