import Skeleton from '@mui/material/Skeleton';

/** The outline of a screen that is on its way: something to look at from the first moment. */
export function Coming() {
  return (
    <div className="coming" role="status" aria-label="loading">
      <Skeleton variant="rectangular" width="40%" height={34} />
      <Skeleton variant="rectangular" width="100%" height="100%" />
    </div>
  );
}
