const DAY = 86_400_000;

/** When something is due, in words: in 9 days, on Friday 4 December. */
export function dueIn(due: string | undefined, now = new Date()): string {
  if (!due) return 'no day set';
  const day = new Date(`${due}T00:00:00`);
  const today = new Date(now.getFullYear(), now.getMonth(), now.getDate());
  const days = Math.round((day.getTime() - today.getTime()) / DAY);
  const on = day.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  if (days === 0) return `due today, ${on}`;
  if (days === 1) return `due tomorrow, ${on}`;
  if (days < 0) return `${-days} ${days === -1 ? 'day' : 'days'} late, was due on ${on}`;
  return `due in ${days} days, on ${on}`;
}
