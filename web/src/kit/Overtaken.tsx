import Button from '@mui/material/Button';

/** Another window was first: which of the two stays is asked. */
export function Overtaken(props: {
  /** the version that the other window kept */
  version: number;
  /** keeps what is here on top of it */
  onMine: () => void;
  /** takes it */
  onTheirs: () => void;
}) {
  return (
    <div className="advice mind wide" role="alert">
      <b>Changed in another window</b> Version {props.version} was saved there while you worked on an older
      one. Keep what is here and the other stays in the history; take the other and your last change is
      dropped.
      <div>
        <Button onClick={props.onMine}>keep what is here</Button>
        <Button onClick={props.onTheirs}>take the other</Button>
      </div>
    </div>
  );
}
