const DAY = 86_400_000;

/** When something is due, in words: in 9 days, on Friday 4 December. */
export function dueIn(due: string | undefined, now = new Date()): string {
  if (!due) return 'no due date';
  const day = new Date(`${due}T00:00:00`);
  const today = new Date(now.getFullYear(), now.getMonth(), now.getDate());
  const days = Math.round((day.getTime() - today.getTime()) / DAY);
  const on = day.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  if (days === 0) return `due today, ${on}`;
  if (days === 1) return `due tomorrow, ${on}`;
  if (days < 0) return `${-days} ${days === -1 ? 'day' : 'days'} late, was due on ${on}`;
  return `due in ${days} days, on ${on}`;
}

/** When something was done, in words. */
export function doneOn(day: string): string {
  const on = new Date(`${day}T12:00`);
  return `done on ${on.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}`;
}

/** Today, as days are kept. */
export function today(now = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
