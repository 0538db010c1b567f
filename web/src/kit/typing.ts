/** Whether a key belongs to a text that is being typed; a field whose value stands, a slider or a tick leaves it to the piece. */
function typing({ target }: Event): boolean {
  return (
    target instanceof Element &&
    target.matches(
      'textarea, input:not([data-settled], [type="range"], [type="checkbox"], [type="radio"], [type="color"])',
    )
  );
}

/** Options of keys that work from everywhere but inside a text that is being typed: undo and redo. */
export const OUTSIDE_TYPING = { preventDefault: true, enableOnFormTags: true, ignoreEventWhen: typing };
