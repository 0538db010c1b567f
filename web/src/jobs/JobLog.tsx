import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import { LogOf } from '../bench/LogOf';

/** What really happened to a job. */
export function JobLog() {
  const { id = '' } = useParams();
  return (
    <>
      <LogOf subject={id} />
      <Button component={Link} to={`/jobs/${id}`}>
        back to the job
      </Button>
    </>
  );
}
