let can: boolean | undefined;

/** Whether the browser can draw in three dimensions; asked once, without fetching anything. */
export function canTurn(): boolean {
  if (can === undefined) {
    const canvas = document.createElement('canvas');
    const context = canvas.getContext('webgl2', { failIfMajorPerformanceCaveat: false });
    can = context !== null;
    context?.getExtension('WEBGL_lose_context')?.loseContext();
  }
  return can;
}
