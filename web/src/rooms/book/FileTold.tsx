import Alert from '@mui/material/Alert';
import Snackbar from '@mui/material/Snackbar';

/** What became of a file that was opened. */
export interface Told {
  severity: 'success' | 'error';
  text: string;
}

/** Says what became of a file: good news goes by itself, bad news stays. */
export function FileTold({ severity, text, onClose }: Told & { onClose: () => void }) {
  return (
    <Snackbar
      open
      autoHideDuration={severity === 'error' ? null : 6000}
      onClose={(_, reason) => reason !== 'clickaway' && onClose()}
    >
      <Alert severity={severity} onClose={onClose} sx={{ maxWidth: 560 }}>
        {text}
      </Alert>
    </Snackbar>
  );
}
