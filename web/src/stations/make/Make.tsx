import { useNavigate } from 'react-router';
import { useBench } from '../../bench/bench';
import { Card } from '../../card/Card';

/** The bench card of the piece in hand. */
export function Make() {
  const { id, piece } = useBench();
  const go = useNavigate();
  return (
    <Card
      subject={id}
      piece={piece}
      name={piece.name}
      back="the piece"
      onLeave={() => void go(`/pieces/${id}/shape`)}
    />
  );
}
