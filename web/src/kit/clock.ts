/** Seconds as minutes and seconds; an estimate of more than twenty seconds to five. */
export function clock(seconds: number): string {
  const whole = seconds < 20 ? Math.max(1, Math.round(seconds)) : 5 * Math.round(seconds / 5);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Whole seconds as minutes and seconds, to the second: what a clock shows. */
export function exact(seconds: number): string {
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** How warm a bath is, in words; where they part is an estimate, too hot begins where the card warns. */
export function warmth(celsius: number): string {
  if (celsius > 75) return 'too hot: let it cool to 60';
  if (celsius >= 50) return 'hot';
  if (celsius >= 32) return 'warm';
  return 'boiled and cooled';
}
