import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { api } from '../api/client';
import { Card } from '../card/Card';

/** The bench card over all pieces of a job. */
export function JobCard() {
  const { id = '' } = useParams();
  const go = useNavigate();
  const piece = useQuery({
    queryKey: ['job-piece', id, 'card'],
    queryFn: () => api.jobPiece(id),
    retry: false,
    gcTime: 0,
    refetchOnWindowFocus: false,
  });
  if (piece.error) return <p role="alert">{piece.error.message}</p>;
  if (!piece.data) return <div className="bench-card" aria-busy="true" />;
  return (
    <Card
      subject={id}
      piece={piece.data}
      name={piece.data.name}
      back="the job"
      onLeave={() => void go(`/jobs/${id}`)}
    />
  );
}
