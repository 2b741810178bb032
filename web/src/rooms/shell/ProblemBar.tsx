'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useBook } from '@/store/bookStore';
import { exportBook } from '@/store/bookFiles';

/** Says what could not be saved, with the way to a file at hand. */
export function ProblemBar() {
  const status = useBook((state) => state.status);
  const problem = useBook((state) => state.problem);
  const dismiss = useBook((state) => state.dismissProblem);
  if (!problem || status !== 'ready') return null;
  return (
    <Alert
      severity="error"
      variant="outlined"
      sx={{ borderRadius: 0 }}
      action={
        <>
          <Button color="inherit" size="small" onClick={() => exportBook()}>
            Export the book
          </Button>
          <Button color="inherit" size="small" onClick={dismiss}>
            Dismiss
          </Button>
        </>
      }
    >
      {problem}
    </Alert>
  );
}
