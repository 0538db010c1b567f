/** Says plainly what a place will be for. */
export function Soon(props: {
  /** name of the place */
  title: string;
  /** what it will do, in a sentence or two */
  will: string;
  /** what can be done meanwhile */
  meanwhile: string;
}) {
  return (
    <section className="soon">
      <h2>{props.title} is not built yet</h2>
      <p>{props.will}</p>
      <p>{props.meanwhile}</p>
    </section>
  );
}
