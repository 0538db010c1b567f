import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { Files } from './Files';

/** A tray before the first piece. */
export function EmptyTray() {
  return (
    <section className="soon">
      <h2>The tray is empty</h2>
      <p>Choose a form by its drawing; Etui works out the wire, the marks and the steps.</p>
      <p style={{ marginTop: 16 }}>
        <Button component={Link} to="/tray/new" variant="contained">
          New piece
        </Button>{' '}
        <Button component={Link} to="/tray/measure">
          I have one: measure it
        </Button>
        <Button component={Link} to="/tray/bin">
          bin
        </Button>
        <Files />
      </p>
    </section>
  );
}
